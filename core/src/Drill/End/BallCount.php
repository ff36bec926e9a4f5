<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Json\JsonInput;

/** A number of balls. */
final readonly class BallCount implements End
{
    private function __construct(private int $balls)
    {
    }

    public static function read(JsonInput $end): self
    {
        $end->only(['kind', 'balls']);

        return new self($end->wholeNumber('balls', 1, 500));
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

    public function needsPoints(): bool
    {
        return false;
    }
}
