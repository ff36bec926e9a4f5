<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\MappedRead;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Random holes, each mapped from noisy readings, held against the ground itself. */
final class MapTrial
{
    /** 80 % of a normal law lies within so many standard errors. */
    private const RANGE = 1.2815515655446004;
    private const PACE = 0.3;

    /** Putts read on each hole. */
    private const PUTTS = 4;

    /** @var list<float> errors of slopes, rise per run */
    public array $slopes = [];

    /** @var list<float> errors of start lines read from the map, radians */
    public array $lines = [];

    /** Putts that were asked for. */
    public int $asked = 0;

    /** @var list<bool> whether the 80 % range held the start line */
    public array $held = [];

    /** @var list<float> errors of start lines from one slope half-way along the putt, radians */
    public array $halfWay = [];

    /** @var list<float> and from one slope at the hole */
    public array $atHole = [];

    /**
     * @param int $places round the hole that are read besides it
     * @param float $noise standard error of a reading, rise per run
     * @param float $circle how far from the hole they lie, metres
     * @param float $length of the putts, metres
     */
    public function __construct(
        private readonly int $places,
        private readonly float $noise,
        private readonly float $circle,
        private readonly float $length,
        private readonly RandomSource $random,
    ) {}

    public function hole(): void
    {
        $truth = array_map(fn(float $deviation): float => $deviation * $this->random->normal(), HoleMap::PRIOR);
        $speed = GreenSpeed::ofFeet(10.0);
        $places = [[0.0, 0.0]];
        for ($i = 0; $i < $this->places; ++$i) {
            $turn = (2.0 * M_PI * $i) / $this->places;
            $places[] = [$this->circle * sin($turn), $this->circle * cos($turn)];
        }
        $map = HoleMap::of(
            array_map(fn(array $at): SlopeReading => $this->reading($truth, ...$at), $places),
            $this->noise,
        );
        for ($i = 0; $i < self::PUTTS; ++$i) {
            $turn = 2.0 * M_PI * $this->random->uniform();
            $this->putt($truth, $map, $speed, $this->length * sin($turn), $this->length * cos($turn));
        }
    }

    /** @param list<float> $truth */
    private function putt(array $truth, HoleMap $map, GreenSpeed $speed, float $x, float $y): void
    {
        [$right, $up] = $map->slope($x, $y);
        [$trueRight, $trueUp] = HoleMap::slopeOn($truth, $x, $y);
        array_push($this->slopes, $right - $trueRight, $up - $trueUp);
        $true = MappedRead::lineOn($truth, $speed, $x, $y, self::PACE);
        $read = MappedRead::of($map, $speed, $x, $y, self::PACE);
        $line = $read->solution->startLine();
        ++$this->asked;
        // Only what would be said: a start line that is known too badly is no figure.
        if ($true === null || $line === null || $read->startLineError === null || !$read->isFigure()) {
            return;
        }
        $this->lines[] = $line - $true;
        $this->held[] = abs($line - $true) <= self::RANGE * $read->startLineError;
        $halfWay = $this->onOneSlope($this->reading($truth, 0.5 * $x, 0.5 * $y), $speed, $x, $y);
        if ($halfWay !== null) {
            $this->halfWay[] = $halfWay - $true;
        }
        $atHole = $this->onOneSlope($this->reading($truth, 0.0, 0.0), $speed, $x, $y);
        if ($atHole !== null) {
            $this->atHole[] = $atHole - $true;
        }
    }

    /** The start line where the whole putt is taken to lie on one slope, radians. */
    private function onOneSlope(SlopeReading $read, GreenSpeed $speed, float $x, float $y): ?float
    {
        $length = hypot($x, $y);
        [$ux, $uy] = [-$x / $length, -$y / $length];
        [$right, $up] = [$read->right->ratio(), $read->up->ratio()];
        $ground = new Ground(
            $speed,
            Grade::ofRatio($ux * $right + $uy * $up),
            Grade::ofRatio($uy * $right - $ux * $up),
        );

        return (new AimSolver($ground, Length::ofMetres($length), self::PACE))->read()->startLine();
    }

    /** @param list<float> $truth */
    private function reading(array $truth, float $x, float $y): SlopeReading
    {
        [$right, $up] = HoleMap::slopeOn($truth, $x, $y);

        return new SlopeReading(
            $x,
            $y,
            Grade::ofRatio($right + $this->noise * $this->random->normal()),
            Grade::ofRatio($up + $this->noise * $this->random->normal()),
        );
    }
}
