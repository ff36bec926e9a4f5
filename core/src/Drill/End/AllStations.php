<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Drill\Kind\KindCard;

/** One round: every ball of every station. */
final readonly class AllStations implements End
{
    public static function card(): KindCard
    {
        return new KindCard('When all are done', 'ends when all are done');
    }

    public static function of(array $figures): self
    {
        return new self();
    }

    public function isReached(DrillProgress $progress): bool
    {
        return $progress->rounds >= 1;
    }

    public function certainBalls(DrillProgress $progress, int $leftInRound, int $mostPoints): int
    {
        return $leftInRound;
    }

    public function expectedBalls(?float $aRound): ?float
    {
        return $aRound;
    }

    public function repeatsRounds(): bool
    {
        return false;
    }

    public function goal(): ?int
    {
        return null;
    }
}
