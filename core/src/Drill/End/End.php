<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;

/** When a drill is done. Immutable. */
final readonly class End
{
    /**
     * @param \Closure(DrillProgress): bool $isReached
     * @param \Closure(DrillProgress, int, int): int $certainBalls
     * @param \Closure(float|null): (float|null) $expectedBalls
     * @param bool $repeatsRounds whether rounds follow one another until the end is reached
     * @param int|null $goal the points it is reached by, which the drill must then give; null where points do not end
     *     it
     */
    public function __construct(
        private \Closure $isReached,
        private \Closure $certainBalls,
        private \Closure $expectedBalls,
        public bool $repeatsRounds = true,
        public ?int $goal = null,
    ) {}

    public function isReached(DrillProgress $progress): bool
    {
        return ($this->isReached)($progress);
    }

    /**
     * How many more balls are certain to be rolled whatever happens to them, at least 0.
     *
     * @param int $leftInRound balls left in the round, this one included
     * @param int $mostPoints the most one ball can bring
     */
    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int
    {
        return ($this->certainBalls)($progress, $leftInRound, $mostPoints);
    }

    /**
     * How many balls are to be expected until it is reached; null where that cannot be worked out.
     *
     * @param float|null $ballsOfRound balls of one round; null where that is not known
     */
    public function expectedBalls(?float $ballsOfRound): ?float
    {
        return ($this->expectedBalls)($ballsOfRound);
    }
}
