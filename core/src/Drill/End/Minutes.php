<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindCard;

/** A time, counted from the first ball; the ball on the way when it is up still counts. */
final readonly class Minutes implements End
{
    private function __construct(private int $minutes)
    {
    }

    public static function card(): KindCard
    {
        return new KindCard('After so many minutes', 'ends after {minutes} minutes', [new Figure('minutes', 'Minutes', FigureKind::Minutes)]);
    }

    public static function of(array $figures): self
    {
        return new self((int) $figures['minutes']);
    }

    public function isReached(DrillProgress $progress): bool
    {
        return $progress->minutes() >= $this->minutes;
    }

    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int
    {
        return 1;
    }

    public function expectedBalls(?float $aRound): ?float
    {
        return null;
    }

    public function repeatsRounds(): bool
    {
        return true;
    }

    public function goal(): ?int
    {
        return null;
    }
}
