<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindCard;

/** A goal in points. */
final readonly class PointsGoal implements End
{
    private function __construct(private int $goal)
    {
    }

    public static function card(): KindCard
    {
        return new KindCard('At so many points', 'ends at {points} points', [new Figure('points', 'Points', FigureKind::Points)]);
    }

    public static function of(array $figures): self
    {
        return new self((int) $figures['points']);
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

    public function goal(): int
    {
        return $this->goal;
    }
}
