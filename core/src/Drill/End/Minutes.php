<?php

declare(strict_types=1);

namespace Amble\Core\Drill\End;

use Amble\Core\Drill\DrillProgress;
use Amble\Core\Json\JsonInput;

/** A time, counted from the first ball; the ball on the way when it is up still counts. */
final readonly class Minutes implements End
{
    private function __construct(private int $minutes)
    {
    }

    public static function read(JsonInput $end): self
    {
        $end->only(['kind', 'minutes']);

        return new self($end->wholeNumber('minutes', 1, 180));
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

    public function needsPoints(): bool
    {
        return false;
    }
}
