<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Feel\LengthCall;

/** One ball of a run, as its drill judged it when it was rolled. This class is immutable. */
final readonly class JudgedBall
{
    /**
     * @param non-negative-int|null $station 0-based; null for a ball after the end
     * @param BallTask|null $task what it was told to do
     * @param LengthCall|null $word short, on or long by the drill's own window and task; null where it has none
     * @param positive-int|null $attempt which ball at this putt it was, from 1, restarts not forgotten
     * @param non-negative-int|null $place in its round, from 0
     * @param float|null $aidWidth clear width of the gate or rail in force, metres
     */
    public function __construct(
        public Verdict $verdict,
        public ?int $station = null,
        public ?BallTask $task = null,
        public ?LengthCall $word = null,
        public ?int $attempt = null,
        public ?float $aidWidth = null,
        public ?int $place = null,
    ) {}
}
