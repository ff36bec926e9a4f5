<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/**
 * One ball on a plane that holds it, in closed form: the equation of maths.md 2.3 without tier and grain, integrated.
 *
 * With φ between the velocity and straight downhill, G = κ g |∇z| and q = G / a0 < 1, the equation gives φ' = −G sin φ
 * / v and v' = −a0 + G cos φ. So tan(φ/2) = tan(φ0/2) w^q, where w falls from 1 at the start to 0 at rest, and every
 * figure is a sum of powers of w (separate the two equations; C = cos(φ0/2), S = sin(φ0/2), A = w^(1−q), B = w^(1+q)):
 *
 *   velocity downhill   v0 (C² A − S² B)             across   2 v0 S C w
 *   way downhill        v0²/2a0 (C⁴ (1−A²)/(1−q) − S⁴ (1−B²)/(1+q))
 *   way across          v0²/a0 (S C³ (1−w A)/(1−q/2) + S³ C (1−w B)/(1+q/2))
 *   path still to come  v0²/2a0 (C⁴ A²/(1−q) + 2 C² S² w² + S⁴ B²/(1+q))
 *   time since start    v0/a0 (C² (1−A)/(1−q) + S² (1−B)/(1+q))
 *
 * One roll costs some thirty of these sums instead of some hundred steps of four slopes, which a make window needs
 * while a slope is dragged. This class is immutable.
 *
 * @internal used by the roller, which steps where there is a tier or grain
 */
final readonly class PlaneRoll
{
    /** Closer than this to not holding at all, w runs out of figures long before the ball is at rest. */
    private const STEEPEST = 0.95;

    /** Points of the way that are looked at for the one where the ball is level with the hole. */
    private const LOOKS = 24;
    private const ROUNDS = 120;
    private const CLOSE = 1e-14;

    private const TRACE_SECONDS = 0.05;

    private float $ratio;
    private float $downX;
    private float $downY;
    private float $acrossX;
    private float $acrossY;
    private float $cosine;
    private float $sine;

    public function __construct(private Ground $surface, private float $speed, float $line)
    {
        $pull = hypot($surface->pullX, $surface->pullY);
        $this->ratio = $pull / $surface->deceleration;
        [$this->downX, $this->downY] = $pull > 0.0 ? [-$surface->pullX / $pull, -$surface->pullY / $pull] : [1.0, 0.0];
        [$x, $y] = [cos($line), sin($line)];
        $across = $y * $this->downX - $x * $this->downY;
        $turn = $across < 0.0 ? -1.0 : 1.0;
        [$this->acrossX, $this->acrossY] = [-$this->downY * $turn, $this->downX * $turn];
        $down = $x * $this->downX + $y * $this->downY;
        // The larger of the half-angle's two by the root, the other from it: straight up and down are exactly that.
        $larger = sqrt(0.5 * (1.0 + abs($down)));
        $smaller = (0.5 * abs($across)) / $larger;
        [$this->cosine, $this->sine] = $down >= 0.0 ? [$larger, $smaller] : [$smaller, $larger];
    }

    /** Whether a surface is a plane on which a ball surely comes to rest, and nothing else. */
    public static function fits(Ground $surface): bool
    {
        return $surface->tier === null &&
            $surface->grain === null &&
            $surface->relief === null &&
            hypot($surface->pullX, $surface->pullY) < self::STEEPEST * $surface->deceleration;
    }

    /**
     * Where the ball is and how it moves.
     *
     * @param float $w 1 at the start, 0 at rest
     *
     * @return array{float, float, float, float} x, y, vx, vy; at rest the velocity is 0
     */
    public function at(float $w): array
    {
        [$c2, $s2, $q] = [$this->cosine ** 2, $this->sine ** 2, $this->ratio];
        [$a, $b] = $this->powers($w);
        $reach = $this->speed ** 2 / (2.0 * $this->surface->deceleration);
        $down = $reach * (($c2 * $c2 * (1.0 - $a * $a)) / (1.0 - $q) - ($s2 * $s2 * (1.0 - $b * $b)) / (1.0 + $q));
        $across =
            2.0 *
            $reach *
            $this->sine *
            $this->cosine *
            (($c2 * (1.0 - $w * $a)) / (1.0 - 0.5 * $q) + ($s2 * (1.0 - $w * $b)) / (1.0 + 0.5 * $q));
        [$vDown, $vAcross] = [
            $this->speed * ($c2 * $a - $s2 * $b),
            2.0 * $this->speed * $this->sine * $this->cosine * $w,
        ];

        return [
            $down * $this->downX + $across * $this->acrossX,
            $down * $this->downY + $across * $this->acrossY,
            $vDown * $this->downX + $vAcross * $this->acrossX,
            $vDown * $this->downY + $vAcross * $this->acrossY,
        ];
    }

    /** Path from there to rest, metres. */
    public function pathFrom(float $w): float
    {
        [$c2, $s2, $q] = [$this->cosine ** 2, $this->sine ** 2, $this->ratio];
        [$a, $b] = $this->powers($w);

        return ($this->speed ** 2 / (2.0 * $this->surface->deceleration)) *
            (($c2 * $c2 * $a * $a) / (1.0 - $q) + 2.0 * $c2 * $s2 * $w * $w + ($s2 * $s2 * $b * $b) / (1.0 + $q));
    }

    /**
     * Where along its way the ball is first nearest to a hole on the line; null where it stops before.
     *
     * @param float $restSpeed m/s; slower is at rest, though it still turns downhill within its last microns
     */
    public function closest(float $holeX, float $restSpeed): ?float
    {
        [$near, $fNear] = [1.0, $this->closing(1.0, $holeX)];
        for ($look = 1; $look < self::ROUNDS; ++$look) {
            // Even steps, then halves: the last stretch may turn so fast that the ball draws away for a moment only.
            $w = $look < self::LOOKS ? 1.0 - $look / self::LOOKS : 0.5 * $near;
            $f = $this->closing($w, $holeX);
            if ($f > 0.0) {
                $level = $this->between($near, $fNear, $w, $f, $holeX);

                return $this->speedAt($level) < $restSpeed ? null : $level;
            }
            if ($this->speedAt($w) < $restSpeed) {
                return null;
            }
            [$near, $fNear] = [$w, $f];
        }

        return null;
    }

    /** @return list<array{float, float}> points on the way to rest, 50 ms apart */
    public function trace(): array
    {
        $all = $this->secondsAt(0.0);
        $path = [];
        $w = 1.0;
        for ($time = 0.0; $time < $all; $time += self::TRACE_SECONDS) {
            $w = $this->whereAt($time, $w);
            $path[] = array_slice($this->at($w), 0, 2);
        }
        $path[] = array_slice($this->at(0.0), 0, 2);

        /** @var list<array{float, float}> $path */
        return $path;
    }

    /** @return array{float, float} w^(1−q) and w^(1+q) */
    private function powers(float $w): array
    {
        $a = $w ** (1.0 - $this->ratio);

        return [$a, $a === 0.0 ? 0.0 : ($w * $w) / $a];
    }

    private function secondsAt(float $w): float
    {
        [$a, $b] = $this->powers($w);

        return ($this->speed / $this->surface->deceleration) *
            (($this->cosine ** 2 * (1.0 - $a)) / (1.0 - $this->ratio) +
                ($this->sine ** 2 * (1.0 - $b)) / (1.0 + $this->ratio));
    }

    /** The place at a time, by Newton from a little earlier: dt/dw = −v / (a0 w). */
    private function whereAt(float $time, float $w): float
    {
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $step =
                (($this->secondsAt($w) - $time) * $this->surface->deceleration * $w) / max(1e-12, $this->speedAt($w));
            $w = min(1.0, max(0.1 * $w, $w + $step));
            if (abs($step) < 1e-9) {
                break;
            }
        }

        return $w;
    }

    private function speedAt(float $w): float
    {
        [, , $vx, $vy] = $this->at($w);

        return hypot($vx, $vy);
    }

    /** False position with the Illinois rule between a place before the hole and one past it. */
    private function between(float $before, float $fBefore, float $past, float $fPast, float $holeX): float
    {
        $w = $past;
        for ($round = 0; $round < self::ROUNDS && $before - $past > self::CLOSE * $before; ++$round) {
            $w = $past - ($fPast * ($before - $past)) / ($fBefore - $fPast);
            $f = $this->closing($w, $holeX);
            if (abs($f) < self::CLOSE) {
                return $w;
            }
            if ($f < 0.0) {
                [$before, $fBefore, $fPast] = [$w, $f, 0.5 * $fPast];
            } else {
                [$past, $fPast, $fBefore] = [$w, $f, 0.5 * $fBefore];
            }
        }

        return $w;
    }

    /** Negative while the ball nears the hole, positive once it draws away. */
    private function closing(float $w, float $holeX): float
    {
        [$x, $y, $vx, $vy] = $this->at($w);

        return ($x - $holeX) * $vx + $y * $vy;
    }
}
