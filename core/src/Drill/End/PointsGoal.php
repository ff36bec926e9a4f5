<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Json\JsonInput;

/** A goal in points. */
final readonly class PointsGoal implements End
{
    private function __construct(private int $goal)
    {
    }

    public static function read(JsonInput $end): self
    {
        $end->only(['kind', 'points']);

        return new self($end->wholeNumber('points', 1, 1000));
    }

    public function isReached(DrillProgress $progress): bool
    {
        return $progress->points >= $this->goal;
    }

    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int
    {
        return $mostPoints > 0 ? (int) ceil(($this->goal - $progress->points) / $mostPoints) : 1;
    }

    public function expectedBalls(?float $aRound): ?float
    {
        return null;
    }

    public function repeatsRounds(): bool
    {
        return true;
    }

    public function needsPoints(): bool
    {
        return true;
    }
}
