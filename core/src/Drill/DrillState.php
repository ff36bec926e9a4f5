<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Feel\LengthCall;

/** Everything a screen or a shell may ask of a drill that is being run. Immutable. */
final readonly class DrillState
{
    /**
     * @param CallOut|null $next null once it is over
     * @param list<CallOut> $ahead the next ball and those certain to follow it
     * @param CallOutGraph $course the balls laid out ahead, certain or not
     * @param LastBall|null $last null before the first
     * @param list<StationTally> $stations
     * @param int $passes all balls that passed
     * @param int $streak passes in a row at the end
     * @param non-negative-int $judgedBalls those that passed or missed: a ball that only measured what the next are
     *     held against does neither
     * @param int|null $points null where none are given
     * @param int $throughButMissed started through the gate or on line, but not holed or not as asked
     * @param int $putOuts balls that were putted out: the base of the next figure
     * @param int $puttsToFinish further putts those needed
     * @param float|null $step width in force where the drill steps up and down, metres
     * @param list<array{LengthCall, LengthCall}> $calls what was called and what happened
     * @param array<string, JudgedBall> $judged every ball of the run by its id, as it was judged
     * @param non-negative-int|null $rung of the widths it steps through, from the widest
     * @param 'balls'|'minutes'|null $cappedBy which cap was reached; null while none is
     */
    public function __construct(
        public Phase $phase,
        public ?CallOut $next,
        public array $ahead,
        public CallOutGraph $course,
        public ?LastBall $last,
        public array $stations,
        public int $balls,
        public int $judgedBalls,
        public int $passes,
        public int $streak,
        public int $restarts,
        public int $rounds,
        public ?int $points,
        public int $throughButMissed,
        public int $putOuts,
        public int $puttsToFinish,
        public ?float $step,
        public array $calls,
        public array $judged,
        public ?string $cappedBy,
        public ?int $rung = null,
    ) {}

    /**
     * First balls at each station: how many were rolled, and how many passed.
     *
     * @return array{int, int}
     */
    public function firstTries(): array
    {
        $tries = array_filter(
            array_map(static fn(StationTally $tally): ?bool => $tally->firstBallPassed, $this->stations),
            static fn(?bool $passed): bool => $passed !== null,
        );

        return [count($tries), count(array_filter($tries))];
    }
}
