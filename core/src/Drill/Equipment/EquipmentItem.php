<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Equipment;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** Some pieces of one kind of kit. This class is immutable. */
final readonly class EquipmentItem
{
    private const MOST = 60;
    private const LONGEST = 60;

    /**
     * @param positive-int|null $count null where any number will do
     * @param string|null $name of a thing of the coach's own
     * @param string|null $for what it makes: "the ring"
     */
    private function __construct(
        public EquipmentType $piece,
        public ?int $count,
        private ?string $name,
        private ?string $for,
    ) {}

    /**
     * @throws InvalidInput If the piece is unheard of, or the count out of range, or a thing of one's own has no name.
     */
    public static function read(JsonInput $item): self
    {
        $item->only(['piece', 'count', 'name', 'for']);
        $piece = $item->enum('piece', EquipmentType::class);

        return new self(
            $piece,
            $item->has('count') ? max(1, $item->wholeNumber('count', 1, self::MOST)) : null,
            $piece === EquipmentType::Other || $item->has('name') ? $item->text('name', self::LONGEST) : null,
            $item->has('for') ? $item->text('for', self::LONGEST) : null,
        );
    }

    /** What it is called, without its number: "tees for the ring". */
    public function name(): string
    {
        return ($this->name ?? $this->piece->words()[$this->count === 1 ? 0 : 1]) .
            ($this->for === null ? '' : " for $this->for");
    }

    /** With its number in front where there is more than one: "8 tees for the ring". */
    public function words(): string
    {
        return ($this->count === null || $this->count === 1 ? '' : "$this->count ") . $this->name();
    }
}
