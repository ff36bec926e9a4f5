<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Json\JsonInput;

/** One stretch of a plan. Immutable. */
final readonly class Block
{
    private const LONGEST = 240;

    /**
     * @param string $id tells blocks of one plan apart
     * @param string|null $drill key; null where it is no drill
     * @param positive-int $minutes
     * @param positive-int|null $balls null where none are counted
     * @param string $why one sentence
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
    ) {
    }

    /** @throws \Amble\Core\Exception\InvalidInput If a field is unusable. */
    public static function read(JsonInput $told): self
    {
        return new self(
            $told->text('id', 40),
            BlockKind::from($told->word('kind', array_column(BlockKind::cases(), 'value'))),
            $told->has('drill') ? $told->text('drill', 60) : null,
            $told->text('name', self::LONGEST),
            max(1, $told->wholeNumber('minutes', 1, 240)),
            $told->has('balls') ? max(1, $told->wholeNumber('balls', 1, 500)) : null,
            $told->text('why', self::LONGEST),
            $told->flagOr('is_locked', false),
            $told->flagOr('is_dropped', false),
        );
    }

    /** @param positive-int $balls */
    public function ofBalls(int $balls): self
    {
        return new self($this->id, $this->kind, $this->drill, $this->name, $this->minutes, $balls, $this->why, $this->isLocked, $this->isDropped);
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'kind' => $this->kind->value, 'drill' => $this->drill, 'name' => $this->name,
            'minutes' => $this->minutes, 'balls' => $this->balls, 'why' => $this->why, 'is_locked' => $this->isLocked, 'is_dropped' => $this->isDropped,
        ];
    }
}
