<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/**
 * Something a session may hold, before it is known what fills it. Immutable.
 *
 * @internal
 */
final readonly class Slot
{
    /**
     * @param positive-int|null $minutes
     * @param positive-int|null $balls
     */
    private function __construct(
        public BlockKind $kind,
        public ?PuttingSkill $skill,
        public string $why,
        public ?int $minutes,
        public ?int $balls,
        public ?int $most,
        public ?BlockKind $after,
        public bool $isAgain,
    ) {}

    /**
     * @param positive-int $minutes
     * @param positive-int|null $balls
     */
    public static function fixed(
        BlockKind $kind,
        int $minutes,
        string $why,
        ?int $balls = null,
        ?BlockKind $after = null,
    ): self {
        return new self($kind, null, $why, $minutes, $balls, null, $after, false);
    }

    /** @param int|null $most minutes it may take; null for what is left */
    public static function drill(BlockKind $kind, ?PuttingSkill $skill, string $why, ?int $most = null): self
    {
        return new self($kind, $skill, $why, null, null, $most, null, false);
    }

    /** The same kind once more, with another drill, for as long as there is. */
    public function again(): self
    {
        return new self($this->kind, $this->skill, $this->why, $this->minutes, $this->balls, null, $this->after, true);
    }
}
