<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Json\JsonInput;

/** One round: every ball of every station. */
final class AllStations implements End
{
    public static function read(JsonInput $end): self
    {
        $end->only(['kind']);

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

    public function needsPoints(): bool
    {
        return false;
    }
}
