<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Units\Grade;

/** A green whose true speed and slope are known, for measuring with a simulated ramp or stopwatch. */
final readonly class SimulatedGreen
{
    /**
     * @param Grade $grade of the measured line, positive uphill in direction 1
     * @param float $bumps spread of the log roll from the surface
     */
    public function __construct(public GreenSpeed $speed, public Grade $grade, public float $bumps) {}

    /**
     * Lengths of ramp rolls both ways, metres.
     *
     * @return array{list<float>, list<float>}
     */
    public function rampRolls(int $eachWay, RandomSource $random): array
    {
        return [
            $this->ramp($this->grade, $eachWay, $random),
            $this->ramp($this->grade->times(-1.0), $eachWay, $random),
        ];
    }

    /**
     * A hand-rolled ball, timed by a thumb that errs.
     *
     * @param float $startSpeed m/s
     * @param float $timingError spread of the stopwatch, seconds
     */
    public function timedRoll(float $startSpeed, bool $there, float $timingError, RandomSource $random): TimedRoll
    {
        $slowing = $this->speed->decelerationOn($there ? $this->grade : $this->grade->times(-1.0));
        $slowing *= exp(-$this->bumps * $random->normal());
        $seconds = $startSpeed / $slowing + $timingError * $random->normal();

        return TimedRoll::of($startSpeed ** 2 / (2.0 * $slowing), max(0.1, $seconds));
    }

    /** @return list<float> */
    private function ramp(Grade $grade, int $rolls, RandomSource $random): array
    {
        $line = new LineRoll($this->speed, $grade);
        $lengths = [];
        for ($i = 0; $i < $rolls; ++$i) {
            $lengths[] = (float) $line->rollOf($this->speed->metres()) * exp($this->bumps * $random->normal());
        }

        return $lengths;
    }
}
