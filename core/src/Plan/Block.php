<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Length;

/** One stretch of a plan. Immutable. */
final readonly class Block
{
    private const LONGEST = 240;
    private const MOST_LENGTHS = 24;

    /**
     * @param string $id tells blocks of one plan apart
     * @param string|null $drill key; null where it is no drill
     * @param positive-int $minutes
     * @param positive-int|null $balls null where none are counted
     * @param string $why one sentence
     * @param list<float>|null $lengths metres, in place of the drill's own; null for those
     * @param bool $isDropped whether it was let go while the session ran
     * @param bool $isLocked whether the coach has set it: nothing moves, swaps or shortens it then
     */
    public function __construct(
        public string $id,
        public BlockKind $kind,
        public ?string $drill,
        public string $name,
        public int $minutes,
        public ?int $balls,
        public string $why,
        public bool $isLocked = false,
        public bool $isDropped = false,
        public ?array $lengths = null,
    ) {}

    /** @throws InvalidInput If a field is unusable. */
    public static function read(JsonInput $told): self
    {
        return new self(
            id: $told->text('id', 40),
            kind: $told->enum('kind', BlockKind::class),
            drill: $told->has('drill') ? $told->text('drill', 60) : null,
            name: $told->text('name', self::LONGEST),
            minutes: max(1, $told->wholeNumber('minutes', 1, 240)),
            balls: $told->has('balls') ? max(1, $told->wholeNumber('balls', 1, 500)) : null,
            why: $told->text('why', self::LONGEST),
            isLocked: $told->flagOr('is_locked', false),
            isDropped: $told->flagOr('is_dropped', false),
            lengths: $told->has('lengths_m') ? self::lengths($told) : null,
        );
    }

    /**
     * @return list<float>
     *
     * @throws InvalidInput If one is no length of a putt, or there are too many.
     */
    private static function lengths(JsonInput $told): array
    {
        $lengths = [];
        foreach ($told->numbers('lengths_m') as $i => $metres) {
            $lengths[] = Length::ofMetres($metres, $told->path("lengths_m.$i"))->metres();
        }

        return count($lengths) <= self::MOST_LENGTHS && $lengths !== []
            ? $lengths
            : throw InvalidInput::at(
                $told->path('lengths_m'),
                sprintf('A block has 1 to %d lengths.', self::MOST_LENGTHS),
            );
    }

    /** @param positive-int $balls */
    public function ofBalls(int $balls): self
    {
        return new self(
            id: $this->id,
            kind: $this->kind,
            drill: $this->drill,
            name: $this->name,
            minutes: $this->minutes,
            balls: $balls,
            why: $this->why,
            isLocked: $this->isLocked,
            isDropped: $this->isDropped,
            lengths: $this->lengths,
        );
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'kind' => $this->kind->value,
            'drill' => $this->drill,
            'name' => $this->name,
            'minutes' => $this->minutes,
            'balls' => $this->balls,
            'why' => $this->why,
            'is_locked' => $this->isLocked,
            'is_dropped' => $this->isDropped,
            'lengths_m' => $this->lengths,
        ];
    }
}
