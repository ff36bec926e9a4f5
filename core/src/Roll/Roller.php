<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;

/**
 * Rolls a ball over a surface: dv/dt = −a0 v̂ − κ g ∇z (maths.md 2.3).
 *
 * Fourth-order Runge–Kutta (W. Kutta 1901), step 10 ms, cut short where the ground's slope has a
 * kink (the tier's two edges), at closest approach, and in halves onto rest, so that the path is
 * a smooth function of the start. Cost: one step is four slopes; a long putt is about 400 steps.
 *
 * The right-hand side is written out inside step(), the innermost loop of a read. A plane that holds the ball is not
 * stepped at all: it has a closed form.
 */
final readonly class Roller
{
    private const STEP = 0.01;

    /** Four times as long a step errs by less than a tenth of a millimetre at the hole: enough to search with. */
    public const ROUGH_STEP = 0.04;

    /** Slower than this the ball is at rest: what is left to roll is under a tenth of a micron. */
    private const REST_SPEED = 2e-4;

    /** A ball still rolling after this long, or this many hole distances off, does not stop. */
    private const LONGEST_SECONDS = 600.0;
    private const FURTHEST_HOLES = 4.0;
    private const FURTHEST_METRES = 10.0;

    /** @param float $longestStep seconds; 10 ms wherever the answer is to be held against a reference */
    public function __construct(private Ground $surface, private float $longestStep = self::STEP) {}

    /**
     * Rolls to rest past a hole on the line.
     *
     * @param float $holeX distance from ball to hole, metres
     */
    public function roll(float $startSpeed, float $startLineRadians, float $holeX): Trajectory
    {
        return $this->follow($startSpeed, $startLineRadians, $holeX, true, false);
    }

    /** Rolls only as far as closest approach; rest and the path beyond stay unknown. */
    public function rollToHole(float $startSpeed, float $startLineRadians, float $holeX): Trajectory
    {
        return $this->follow($startSpeed, $startLineRadians, $holeX, false, false);
    }

    /** Rolls to rest and keeps the way there, a point every 50 ms. */
    public function trace(float $startSpeed, float $startLineRadians, float $holeX): Trajectory
    {
        return $this->follow($startSpeed, $startLineRadians, $holeX, true, true);
    }

    private function follow(float $speed, float $line, float $holeX, bool $toRest, bool $keepPath): Trajectory
    {
        if (PlaneRoll::fits($this->surface)) {
            return $this->onPlane(new PlaneRoll($this->surface, $speed, $line), $holeX, $toRest, $keepPath);
        }
        $ball = [0.0, 0.0, $speed * cos($line), $speed * sin($line)];
        $path = [[0.0, 0.0]];
        $closest = null;
        $beyond = 0.0;
        $steps = 0;
        $furthest = self::FURTHEST_HOLES * $holeX + self::FURTHEST_METRES;
        for ($time = 0.0; $time < self::LONGEST_SECONDS; ) {
            $dt = $this->nextStep($ball);
            if ($dt === null) {
                return $this->atRest($ball, $closest, $beyond, $holeX, [...$path, [$ball[0], $ball[1]]]);
            }
            $next = $this->step($ball, $dt);
            if ($closest === null && self::closing($next, $holeX) > 0.0) {
                // Passed the hole inside this step: land on closest approach and go on from there.
                $dt = $this->timeToClosest($ball, $dt, $holeX);
                $next = $this->step($ball, $dt);
                $closest = $next;
                if (!$toRest) {
                    return $this->trajectory($closest, $holeX, true, null, null, []);
                }
            } elseif ($closest !== null) {
                $beyond += self::arc($ball, $next);
            }
            $ball = $next;
            $time += $dt;
            if ($keepPath && ++$steps % 5 === 0) {
                $path[] = [$ball[0], $ball[1]];
            }
            if (abs($ball[0]) + abs($ball[1]) > $furthest) {
                break;
            }
        }

        return $this->trajectory($closest ?? $ball, $holeX, $closest !== null, null, null, $path);
    }

    private function onPlane(PlaneRoll $roll, float $holeX, bool $toRest, bool $keepPath): Trajectory
    {
        $level = $roll->closest($holeX, self::REST_SPEED);
        $path = $keepPath ? $roll->trace() : [];
        if ($level === null) {
            return $this->atRest($roll->at(0.0), null, 0.0, $holeX, $path);
        }

        return $toRest
            ? $this->atRest($roll->at(0.0), $roll->at($level), $roll->pathFrom($level), $holeX, $path)
            : $this->trajectory($roll->at($level), $holeX, true, null, null, []);
    }

    /**
     * Time of the next step, or null when the ball is at rest (momentarily, on ground that does
     * not hold it; whoever asks decides whether it stays).
     *
     * @param array{float, float, float, float} $ball
     */
    private function nextStep(array $ball): ?float
    {
        [$x, $y, $vx, $vy] = $ball;
        $v = sqrt($vx * $vx + $vy * $vy);
        if ($v < self::REST_SPEED) {
            return null;
        }
        $dt = $this->longestStep;
        $tier = $this->surface->tier;
        if ($this->surface->relief !== null) {
            [$pullX, $pullY] = $this->surface->relief->pullAt($x, $y);
        } else {
            $pullX = $this->surface->pullX + ($tier === null ? 0.0 : Physics::PULL_PER_GRADE * $tier->slopeAt($x));
            $pullY = $this->surface->pullY;
        }
        $slowing = $this->surface->deceleration + ($pullX * $vx + $pullY * $vy) / $v;
        if ($slowing > 0.0 && $v < 2.0 * $dt * $slowing) {
            // Halving onto rest keeps the stages of one step on the same side of zero speed.
            $dt = min($dt, (0.5 * $v) / $slowing);
        }
        if ($tier !== null && $vx !== 0.0) {
            foreach ([$tier->start, $tier->end()] as $edge) {
                $reach = ($edge - $x) / $vx;
                if ($reach > 1e-6 && $reach < $dt) {
                    $dt = $reach;
                }
            }
        }

        return $dt;
    }

    /**
     * One Runge–Kutta step.
     *
     * @param array{float, float, float, float} $ball x, y, vx, vy
     *
     * @return array{float, float, float, float}
     */
    private function step(array $ball, float $dt): array
    {
        [$x, $y, $vx, $vy] = $ball;
        $surface = $this->surface;
        if ($surface->relief !== null) {
            return $this->stepOverRelief($ball, $dt, $surface->relief);
        }
        [$a0, $pullX, $pullY, $tier, $grain] = [
            $surface->deceleration,
            $surface->pullX,
            $surface->pullY,
            $surface->tier,
            $surface->grain,
        ];
        $sumX = $sumY = $sumVx = $sumVy = 0.0;
        [$sx, $svx, $svy] = [$x, $vx, $vy];
        foreach ([[1.0, 0.5], [2.0, 0.5], [2.0, 1.0], [1.0, 0.0]] as [$weight, $ahead]) {
            $v = sqrt($svx * $svx + $svy * $svy) ?: 1e-12;
            $drag = $a0 / $v;
            if ($grain !== null) {
                $drag *= 1.0 - ($grain->strength * ($svx * $grain->towardX + $svy * $grain->towardY)) / $v;
            }
            $ax = -$drag * $svx - $pullX;
            if ($tier !== null) {
                $ax -= Physics::PULL_PER_GRADE * $tier->slopeAt($sx);
            }
            $ay = -$drag * $svy - $pullY;
            $sumX += $weight * $svx;
            $sumY += $weight * $svy;
            $sumVx += $weight * $ax;
            $sumVy += $weight * $ay;
            $sx = $x + $ahead * $dt * $svx;
            $svx = $vx + $ahead * $dt * $ax;
            $svy = $vy + $ahead * $dt * $ay;
        }
        $sixth = $dt / 6.0;

        return [$x + $sixth * $sumX, $y + $sixth * $sumY, $vx + $sixth * $sumVx, $vy + $sixth * $sumVy];
    }

    /**
     * The same on the relief of a mapped hole, which pulls differently at every place.
     *
     * @param array{float, float, float, float} $ball x, y, vx, vy
     *
     * @return array{float, float, float, float}
     */
    private function stepOverRelief(array $ball, float $dt, Relief $relief): array
    {
        [$x, $y, $vx, $vy] = $ball;
        [$p0, $p1, $p2, $p3, $p4, $p5] = $relief->along;
        [$q0, $q1, $q2, $q3, $q4, $q5] = $relief->right;
        $a0 = $this->surface->deceleration;
        $sumX = $sumY = $sumVx = $sumVy = 0.0;
        [$sx, $sy, $svx, $svy] = $ball;
        foreach ([[1.0, 0.5], [2.0, 0.5], [2.0, 1.0], [1.0, 0.0]] as [$weight, $ahead]) {
            $drag = $a0 / (sqrt($svx * $svx + $svy * $svy) ?: 1e-12);
            $ax = -$drag * $svx - $p0 - ($p1 + $p3 * $sx) * $sx - ($p2 + $p4 * $sx + $p5 * $sy) * $sy;
            $ay = -$drag * $svy - $q0 - ($q1 + $q3 * $sx) * $sx - ($q2 + $q4 * $sx + $q5 * $sy) * $sy;
            $sumX += $weight * $svx;
            $sumY += $weight * $svy;
            $sumVx += $weight * $ax;
            $sumVy += $weight * $ay;
            $sx = $x + $ahead * $dt * $svx;
            $sy = $y + $ahead * $dt * $svy;
            $svx = $vx + $ahead * $dt * $ax;
            $svy = $vy + $ahead * $dt * $ay;
        }
        $sixth = $dt / 6.0;

        return [$x + $sixth * $sumX, $y + $sixth * $sumY, $vx + $sixth * $sumVx, $vy + $sixth * $sumVy];
    }

    /**
     * Time within a step at which the ball is nearest the hole, by secant on (p − h) · v.
     *
     * @param array{float, float, float, float} $ball
     */
    private function timeToClosest(array $ball, float $dt, float $holeX): float
    {
        [$low, $fLow] = [0.0, self::closing($ball, $holeX)];
        [$high, $fHigh] = [$dt, self::closing($this->step($ball, $dt), $holeX)];
        for ($round = 0; $round < 12 && $high - $low > 1e-13; ++$round) {
            $t = $low - ($fLow * ($high - $low)) / ($fHigh - $fLow);
            $f = self::closing($this->step($ball, $t), $holeX);
            if (abs($f) < 1e-13) {
                return $t;
            }
            // Illinois rule: halve the stale end's value so that both ends move.
            if ($f < 0.0) {
                [$low, $fLow, $fHigh] = [$t, $f, 0.5 * $fHigh];
            } else {
                [$high, $fHigh, $fLow] = [$t, $f, 0.5 * $fLow];
            }
        }

        return $high;
    }

    /**
     * Negative while the ball nears the hole, positive once it draws away.
     *
     * @param array{float, float, float, float} $ball
     */
    private static function closing(array $ball, float $holeX): float
    {
        return ($ball[0] - $holeX) * $ball[2] + $ball[1] * $ball[3];
    }

    /**
     * Length of a short step's path: Simpson's rule on the speed would need a middle point, so the
     * chord is corrected for the turn θ between its ends, arc ≈ chord (1 + θ²/24).
     *
     * @param array{float, float, float, float} $from
     * @param array{float, float, float, float} $to
     */
    private static function arc(array $from, array $to): float
    {
        $chord = sqrt(($to[0] - $from[0]) ** 2 + ($to[1] - $from[1]) ** 2);
        $speeds = sqrt(($from[2] ** 2 + $from[3] ** 2) * ($to[2] ** 2 + $to[3] ** 2));
        $sine = $speeds > 0.0 ? ($from[2] * $to[3] - $from[3] * $to[2]) / $speeds : 0.0;

        return $chord * (1.0 + ($sine * $sine) / 24.0);
    }

    /**
     * @param array{float, float, float, float} $ball
     * @param array{float, float, float, float}|null $closest
     * @param list<array{float, float}> $path
     */
    private function atRest(array $ball, ?array $closest, float $beyond, float $holeX, array $path): Trajectory
    {
        if ($closest === null) {
            return $this->trajectory($ball, $holeX, false, $ball, -hypot($ball[0] - $holeX, $ball[1]), $path);
        }

        return $this->trajectory($closest, $holeX, true, $ball, $beyond, $path);
    }

    /**
     * @param array{float, float, float, float} $closest
     * @param array{float, float, float, float}|null $rest
     * @param list<array{float, float}> $path
     */
    private function trajectory(
        array $closest,
        float $holeX,
        bool $isLevelWithHole,
        ?array $rest,
        ?float $beyond,
        array $path,
    ): Trajectory {
        [$x, $y, $vx, $vy] = $closest;
        $v = sqrt($vx * $vx + $vy * $vy);
        // Before the hole "to the right" is seen along the line, at the hole along the ball's way.
        $offset = $isLevelWithHole && $v > 0.0 ? ($vx * $y - $vy * ($x - $holeX)) / $v : $y;

        return new Trajectory(
            new BallState($x, $y, $vx, $vy),
            $offset,
            $isLevelWithHole,
            $rest === null ? null : new BallState(...$rest),
            $beyond,
            $path,
        );
    }
}
