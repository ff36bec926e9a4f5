<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/**
 * Finds the start line and start speed that roll a ball over the hole's centre and a given path
 * beyond it (maths.md 2.5).
 *
 * Newton with a numerical Jacobian and step halving on both unknowns, from the straight line;
 * then from the same putt with its slopes at a quarter, half and three quarters; last a walk over
 * start speeds, each with its own line through the hole, which either brackets the answer or
 * tells why there is none. The nearest-straight line is found first because the search starts
 * straight and grows the slope.
 */
final readonly class AimSolver
{
    /** Residuals below this count as solved: 0.01 mm. */
    private const CLOSE = 1e-5;

    /** As near as the search gets in long steps before it is finished in short ones, metres. */
    private const NEAR = 1e-3;
    private const MAX_ROUNDS = 40;
    private const MAX_HALVINGS = 8;

    /** A step must shrink the residual by at least this share of what a full Newton step promises. */
    private const WORTHWHILE = 0.1;

    /** Start speeds tried by the last resort, as shares of what the climbs alone would need. */
    private const WALK_FROM = 0.1;
    private const WALK_TO = 2.0;
    private const WALK_STEPS = 32;

    /** Nobody plays to run further past, metres. */
    public const LONGEST_PACE = 30.0;

    private float $hole;
    private Roller $roller;

    /** For the walk over start speeds: what it finds is polished, what it does not find is only named. */
    private Roller $rough;
    private LineFinder $lines;

    /** @param float $pace path beyond the covered hole, metres, at least 0 */
    public function __construct(private Ground $surface, Length $length, private float $pace)
    {
        Check::within(Check::notNegative($pace, 'pace_m'), 0.0, self::LONGEST_PACE, 'pace_m');
        $this->hole = $length->metres();
        $this->roller = new Roller($surface);
        $this->rough = new Roller($surface, Roller::ROUGH_STEP);
        $this->lines = new LineFinder($this->rough, $this->hole, 0.1 * self::CLOSE);
    }

    public function read(): AimSolution
    {
        if ($this->surface->tier === null && !$this->surface->planeHolds()) {
            return AimSolution::refused(NoAimReason::RunsAway);
        }
        $found =
            $this->newton($this->surface, $this->straightGuess($this->surface)) ??
            ($this->growSlopes() ?? $this->polished($this->walkSpeeds()));
        if ($found instanceof NoAimReason) {
            return AimSolution::refused($found);
        }
        [$speed, $line, $trajectory] = $found;
        if ($trajectory->rest === null || !$this->surface->holdsAt($trajectory->rest->x, $trajectory->rest->y)) {
            return AimSolution::refused(NoAimReason::RunsAway);
        }

        return AimSolution::solved($this->surface, $this->hole, $line, $speed, $trajectory->closest->speed());
    }

    /**
     * Start speed and line of ground that is nearly the one of a solved read, sought from that read, in long steps; null
     * where none is found or the ball does not stay.
     *
     * @return array{float, float}|null
     */
    public function near(float $speed, float $line): ?array
    {
        $found = $this->solved($this->rough, $this->rough, [$speed, $line], self::CLOSE);
        $rest = $found[2]->rest ?? null;

        return $found === null || $rest === null || !$this->surface->holdsAt($rest->x, $rest->y)
            ? null
            : [$found[0], $found[1]];
    }

    /**
     * The way of the ball in a solved read, a point every 50 ms from the ball to rest: x along the
     * line and y to the right, metres; empty for an unsolved one.
     *
     * @return list<array{float, float}>
     */
    public function path(AimSolution $read): array
    {
        [$speed, $line] = [$read->startSpeed(), $read->startLine()];

        return $speed === null || $line === null ? [] : $this->roller->trace($speed, $line, $this->hole)->path;
    }

    /** @return array{float, float} start speed and line along the straight way to the hole */
    private function straightGuess(Ground $surface): array
    {
        $tier = $surface->tier;
        $climb = $tier !== null && $tier->start < $this->hole ? $tier->height : 0.0;
        $slowing = $surface->deceleration + $surface->pullX;
        $squared = 2.0 * $slowing * ($this->hole + $this->pace) + 2.0 * Physics::PULL_PER_GRADE * $climb;

        // Downhill past holding the formula has no root; a slow start leaves the search its chance.
        return [sqrt(max($squared, 0.02 * $surface->deceleration * $this->hole)), 0.0];
    }

    /** @return array{float, float, Trajectory}|null */
    private function growSlopes(): ?array
    {
        $start = $this->straightGuess($this->surface->flattened(0.25));
        foreach ([0.25, 0.5, 0.75, 1.0] as $share) {
            $surface = $this->surface->flattened($share);
            $found = $this->newton($surface, $start);
            if ($found === null) {
                return null;
            }
            $start = [$found[0], $found[1]];
        }

        return $found;
    }

    /**
     * @param array{float, float} $start start speed and line
     *
     * @return array{float, float, Trajectory}|null null when the residuals do not vanish
     */
    private function newton(Ground $surface, array $start): ?array
    {
        [$roller, $rough] = [new Roller($surface), new Roller($surface, Roller::ROUGH_STEP)];
        $near = PlaneRoll::fits($surface) ? $start : $this->solved($rough, $rough, $start, self::NEAR);

        return $near === null ? null : $this->solved($roller, $rough, [$near[0], $near[1]], self::CLOSE);
    }

    /**
     * @param Roller $tangent rolls that only tell the way to go
     * @param array{0: float, 1: float} $start start speed and line
     * @param float $close residuals below this count as solved, metres
     *
     * @return array{float, float, Trajectory}|null null when the residuals do not vanish
     */
    private function solved(Roller $roller, Roller $tangent, array $start, float $close): ?array
    {
        [$speed, $line] = $start;
        $at = $this->residuals($roller, $speed, $line);
        for ($round = 0; $round < self::MAX_ROUNDS && $at !== null; ++$round) {
            if (abs($at[0]) < $close && abs($at[1]) < $close) {
                return [$speed, $line, $at[2]];
            }
            $next = $this->improved($roller, $tangent, $speed, $line, $at);
            if ($next === null) {
                return null;
            }
            [$speed, $line, $at] = $next;
        }

        return null;
    }

    /**
     * One Newton step, halved until the residuals shrink.
     *
     * @param array{float, float, Trajectory} $at residuals at speed and line
     *
     * @return array{float, float, array{float, float, Trajectory}}|null
     */
    private function improved(Roller $roller, Roller $tangent, float $speed, float $line, array $at): ?array
    {
        [$hv, $hl] = [1e-6 * $speed, 1e-6];
        $here = $tangent === $roller ? $at : $this->residuals($tangent, $speed, $line);
        $faster = $this->residuals($tangent, $speed + $hv, $line);
        $righter = $this->residuals($tangent, $speed, $line + $hl);
        if ($here === null || $faster === null || $righter === null) {
            return null;
        }
        [$a, $b] = [($faster[0] - $here[0]) / $hv, ($righter[0] - $here[0]) / $hl];
        [$c, $d] = [($faster[1] - $here[1]) / $hv, ($righter[1] - $here[1]) / $hl];
        $determinant = $a * $d - $b * $c;
        if (abs($determinant) < 1e-12) {
            return null;
        }
        $dv = ($b * $at[1] - $d * $at[0]) / $determinant;
        $dl = ($c * $at[0] - $a * $at[1]) / $determinant;
        $size = hypot($at[0], $at[1]);
        for ($halving = 0, $share = 1.0; $halving < self::MAX_HALVINGS; ++$halving, $share *= 0.5) {
            [$v, $l] = [$speed + $share * $dv, $line + $share * $dl];
            $tried = $v > 0.0 && abs($l) < LineFinder::WIDEST ? $this->residuals($roller, $v, $l) : null;
            if ($tried !== null && hypot($tried[0], $tried[1]) < (1.0 - self::WORTHWHILE * $share) * $size) {
                return [$v, $l, $tried];
            }
        }

        return null;
    }

    /**
     * Miss at the hole and path beyond less pace, metres; null when the ball never rests.
     *
     * @return array{float, float, Trajectory}|null
     */
    private function residuals(Roller $roller, float $speed, float $line): ?array
    {
        $trajectory = $roller->roll($speed, $line, $this->hole);

        return $trajectory->beyond === null
            ? null
            : [$trajectory->offset, $trajectory->beyond - $this->pace, $trajectory];
    }

    /**
     * Walks up the start speeds, keeping to the line through the hole's centre at each.
     *
     * @return array{float, float, Trajectory}|NoAimReason
     */
    private function walkSpeeds(): array|NoAimReason
    {
        $line = 0.0;
        $slower = null;
        $fastest = self::WALK_TO * $this->speedForClimbs();
        for ($i = 0; $i <= self::WALK_STEPS; ++$i) {
            $speed = $fastest * (self::WALK_FROM / self::WALK_TO) ** (1.0 - $i / self::WALK_STEPS);
            $through = $this->lines->throughCentre($speed, $line);
            if ($through === null) {
                continue;
            }
            $line = $through;
            $beyond = $this->rough->roll($speed, $line, $this->hole)->beyond ?? INF;
            if ($beyond >= $this->pace) {
                return $slower === null
                    ? $this->slowestAnswer($speed, $line, $beyond)
                    : $this->between($slower, $speed, $line);
            }
            $slower = $speed;
        }

        return $slower === null && !$this->surface->planeHolds() ? NoAimReason::RunsAway : NoAimReason::NoLine;
    }

    /**
     * @param array{float, float, Trajectory}|NoAimReason $found
     *
     * @return array{float, float, Trajectory}|NoAimReason
     */
    private function polished(array|NoAimReason $found): array|NoAimReason
    {
        return $found instanceof NoAimReason ? $found : $this->newton($this->surface, [$found[0], $found[1]]) ?? $found;
    }

    /** A speed that reaches the pace on the level and up every climb, descents left out, m/s. */
    private function speedForClimbs(): float
    {
        $slowing = $this->surface->deceleration + max(0.0, $this->surface->pullX);
        $climb = max(0.0, $this->surface->tier->height ?? 0.0);

        return sqrt(2.0 * $slowing * ($this->hole + $this->pace) + 2.0 * Physics::PULL_PER_GRADE * $climb);
    }

    /**
     * What to say when even the slowest ball found over the hole runs past the pace: the ball that
     * only just arrives, sought between it and the last speed that did not get there, decides.
     *
     * @return array{float, float, Trajectory}|NoAimReason
     */
    private function slowestAnswer(float $arrives, float $line, float $beyond): array|NoAimReason
    {
        $fails = $arrives * (self::WALK_FROM / self::WALK_TO) ** (1.0 / self::WALK_STEPS);
        for ($round = 0; $round < self::MAX_HALVINGS; ++$round) {
            $middle = 0.5 * ($fails + $arrives);
            $through = $this->lines->throughCentre($middle, $line);
            $reached = $through === null ? null : $this->rough->roll($middle, $through, $this->hole)->beyond ?? INF;
            if ($through === null || $reached === null) {
                $fails = $middle;
                continue;
            }
            if ($reached < $this->pace) {
                return $this->between($middle, $arrives, $through);
            }
            [$arrives, $line, $beyond] = [$middle, $through, $reached];
        }

        return is_finite($beyond) ? NoAimReason::CannotHold : NoAimReason::RunsAway;
    }

    /**
     * The start speed between two whose paths beyond lie on either side of the pace. Where the path
     * jumps over the pace, a ball that then never rests is running away; else there is no line.
     *
     * @return array{float, float, Trajectory}|NoAimReason
     */
    private function between(float $slow, float $fast, float $line): array|NoAimReason
    {
        $beyond = INF;
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $speed = 0.5 * ($slow + $fast);
            $line = $this->lines->throughCentre($speed, $line) ?? $line;
            $trajectory = $this->rough->roll($speed, $line, $this->hole);
            $beyond = $trajectory->beyond ?? INF;
            if (abs($beyond - $this->pace) < self::CLOSE) {
                return [$speed, $line, $trajectory];
            }
            [$slow, $fast] = $beyond < $this->pace ? [$speed, $fast] : [$slow, $speed];
        }
        $fastest = $this->rough->roll($fast, $line, $this->hole)->beyond;

        return $fastest === null ? NoAimReason::RunsAway : NoAimReason::NoLine;
    }
}
