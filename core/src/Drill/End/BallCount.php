<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindCard;

/** A number of balls. */
final readonly class BallCount implements End
{
    private function __construct(private int $balls)
    {
    }

    public static function card(): KindCard
    {
        return new KindCard('After so many balls', 'ends after {balls} balls', [new Figure('balls', 'Balls', FigureKind::Balls)]);
    }

    public static function of(array $figures): self
    {
        return new self((int) $figures['balls']);
    }

    public function isReached(DrillProgress $progress): bool
    {
        return $progress->balls >= $this->balls;
    }

    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int
    {
        return $this->balls - $progress->balls;
    }

    public function expectedBalls(?float $aRound): float
    {
        return (float) $this->balls;
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
