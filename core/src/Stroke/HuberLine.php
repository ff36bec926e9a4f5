<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Numeric\Sample;

/**
 * Huber's line through putts, whose slope may lean on a prior, and the scale of its residuals (maths.md 3.3).
 *
 * P. J. Huber (1964), "Robust estimation of a location parameter", Ann. Math. Statist. 35, 73, with scale by his
 * Proposal 2 and k = 1.345. As long as it is known which residuals lie beyond the bend k s, line and scale follow from
 * one quadratic equation: a few such steps lead to the answer, and rounds of reweighting settle it. Time: O(n R), where
 * n is the number of putts and R ≤ 520 the passes.
 *
 * @internal
 */
final class HuberLine
{
    /** Huber's bend, in residual scales. */
    private const K = 1.345;

    /** E min(Z², k²) for standard normal Z, so that s estimates σ for normal scatter. */
    private const CONSISTENCY = 0.7101645482690485;

    private const MAX_ROUNDS = 500;
    private const MAX_STEPS = 20;
    private const SETTLED = 1e-10;
    private const EXACT = 1e-9;

    private readonly float $originX;
    private readonly float $originY;

    /** @var non-empty-list<float> x about its mean: sums about zero would cancel where backstrokes are alike */
    private readonly array $dx;

    /** @var non-empty-list<float> y about its mean */
    private readonly array $dy;

    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param float $lambda weight of the prior, in units of Σ w (x − x̄)²
     */
    public function __construct(array $x, array $y, private readonly float $lambda, private readonly float $beta0)
    {
        $this->originX = Sample::mean($x);
        $this->originY = Sample::mean($y);
        $this->dx = array_map(fn(float $each): float => $each - $this->originX, $x);
        $this->dy = array_map(fn(float $each): float => $each - $this->originY, $y);
    }

    /** The line by plain least squares. */
    public function plain(): WeightedLine
    {
        return $this->bent(0.0, 0.0, INF);
    }

    /**
     * The line, the weight of each putt, w = min(1, k s / |r|), and the scale s.
     *
     * @return array{WeightedLine, non-empty-list<float>, float}
     */
    public function fit(): array
    {
        $line = $this->plain();
        [$height, $slope] = $this->centred($line);
        $scale = Sample::median(array_map(abs(...), $this->residuals($height, $slope))) / 0.6745;
        if ($scale < self::EXACT) {
            return [$line, $this->weights($height, $slope, INF), $scale];
        }
        [$height, $slope, $scale] = $this->bySides($height, $slope, $scale) ?? [$height, $slope, $scale];
        [$shortest, $longest] = [min($this->dx), max($this->dx)];
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $bend = self::K * $scale;
            $weighted = [$height, $slope, $bend];
            $line = $this->bent($height, $slope, $bend);
            [$nextHeight, $nextSlope] = $this->centred($line);
            $nextScale = $this->scale($nextHeight, $nextSlope, $bend);
            // The largest move of any fitted value on a line is at one of its ends.
            $moved = max(
                abs($nextHeight - $height + ($nextSlope - $slope) * $shortest),
                abs($nextHeight - $height + ($nextSlope - $slope) * $longest),
                abs($nextScale - $scale),
            );
            [$height, $slope, $scale] = [$nextHeight, $nextSlope, $nextScale];
            if ($moved <= self::SETTLED || $scale < self::EXACT) {
                break;
            }
        }

        return [$line, $this->weights(...$weighted), $scale];
    }

    /**
     * Line and scale from which residuals lie beyond the bend, and on which side, taken anew until none changes sides.
     *
     * With Σ over those inside, T and T_x the sums of the sides (±1) and of side · x of the others, and m of them:
     * Σ r + k s T = 0, Σ r x + k s T_x − λ(β − β₀) = 0 and Σ r² = s² ((n − 2) c − k² m). The first two give the line as
     * p + q s, with which the third is a quadratic equation of s.
     *
     * @return array{float, float, float}|null height and slope about the means, and s; null where they do not lead to
     *     an answer
     */
    private function bySides(float $height, float $slope, float $scale): ?array
    {
        $spare = (count($this->dx) - 2) * self::CONSISTENCY;
        $before = null;
        for ($step = 0; $step < self::MAX_STEPS; ++$step) {
            $sums = $this->sums($height, $slope, self::K * $scale);
            if ($sums === $before) {
                return [$height, $slope, $scale];
            }
            $before = $sums;
            [$n, $x, $y, $xx, $xy, $yy, $sides, $sidesX, $beyond] = $sums;
            $determinant = $n * ($xx + $this->lambda) - $x * $x;
            if ($determinant <= 1e-12 * $n * ($xx + $this->lambda)) {
                return null;
            }
            $solve = fn(float $one, float $other): array => [
                ($one * ($xx + $this->lambda) - $x * $other) / $determinant,
                ($n * $other - $x * $one) / $determinant,
            ];
            [$p0, $p1] = $solve($y, $xy + $this->lambda * $this->beta0);
            [$q0, $q1] = $solve(self::K * $sides, self::K * $sidesX);
            $still = $yy - 2.0 * ($p0 * $y + $p1 * $xy) + $n * $p0 ** 2 + 2.0 * $p0 * $p1 * $x + $p1 ** 2 * $xx;
            $cross = $q0 * ($y - $n * $p0 - $p1 * $x) + $q1 * ($xy - $p0 * $x - $p1 * $xx);
            $moving = $n * $q0 ** 2 + 2.0 * $q0 * $q1 * $x + $q1 ** 2 * $xx;
            $left = $spare - self::K ** 2 * $beyond - $moving;
            if ($left <= 0.0 || $still <= 0.0) {
                return null;
            }
            $scale = (-$cross + sqrt($cross ** 2 + $left * $still)) / $left;
            [$height, $slope] = [$p0 + $q0 * $scale, $p1 + $q1 * $scale];
            if ($scale < self::EXACT) {
                return null;
            }
        }

        return null;
    }

    /**
     * Sums over the putts inside the bend, and over the sides of those beyond it.
     *
     * @return array{int, float, float, float, float, float, int, float, int} n, Σx, Σy, Σx², Σxy, Σy², T, T_x, m
     */
    private function sums(float $height, float $slope, float $bend): array
    {
        $n = $sides = $beyond = 0;
        $sumX = $sumY = $sumXX = $sumXY = $sumYY = $sidesX = 0.0;
        foreach ($this->dx as $i => $dx) {
            $dy = $this->dy[$i];
            $r = $dy - $height - $slope * $dx;
            if ($r > $bend) {
                ++$sides;
                ++$beyond;
                $sidesX += $dx;
            } elseif ($r < -$bend) {
                --$sides;
                ++$beyond;
                $sidesX -= $dx;
            } else {
                ++$n;
                $sumX += $dx;
                $sumY += $dy;
                $sumXX += $dx * $dx;
                $sumXY += $dx * $dy;
                $sumYY += $dy * $dy;
            }
        }

        return [$n, $sumX, $sumY, $sumXX, $sumXY, $sumYY, $sides, $sidesX, $beyond];
    }

    /** The line with w = min(1, bend / |r|), r being the residuals from another line. */
    private function bent(float $height, float $slope, float $bend): WeightedLine
    {
        $sum = $sumX = $sumY = $sumXX = $sumXY = 0.0;
        foreach ($this->dx as $i => $dx) {
            $dy = $this->dy[$i];
            $r = $dy - $height - $slope * $dx;
            if ($r > $bend || $r < -$bend) {
                $w = $bend / abs($r);
                $sum += $w;
                $sumX += $w * $dx;
                $sumY += $w * $dy;
                $sumXX += $w * $dx * $dx;
                $sumXY += $w * $dx * $dy;
            } else {
                $sum += 1.0;
                $sumX += $dx;
                $sumY += $dy;
                $sumXX += $dx * $dx;
                $sumXY += $dx * $dy;
            }
        }

        return WeightedLine::ofSums(
            $sum,
            $sumX,
            $sumY,
            $sumXX,
            $sumXY,
            $this->originX,
            $this->originY,
            $this->lambda,
            $this->beta0,
        );
    }

    /** s by Proposal 2, with residuals cut off at the last round's bend k s. */
    private function scale(float $height, float $slope, float $bend): float
    {
        $sum = 0.0;
        $cap = $bend * $bend;
        foreach ($this->dx as $i => $dx) {
            $r = $this->dy[$i] - $height - $slope * $dx;
            $square = $r * $r;
            $sum += $square > $cap ? $cap : $square;
        }

        return sqrt($sum / ((count($this->dx) - 2) * self::CONSISTENCY));
    }

    /** @return non-empty-list<float> */
    private function weights(float $height, float $slope, float $bend): array
    {
        return array_map(
            static fn(float $r): float => abs($r) > $bend ? $bend / abs($r) : 1.0,
            $this->residuals($height, $slope),
        );
    }

    /** @return non-empty-list<float> */
    private function residuals(float $height, float $slope): array
    {
        $residuals = [];
        foreach ($this->dx as $i => $dx) {
            $residuals[] = $this->dy[$i] - $height - $slope * $dx;
        }

        return $residuals;
    }

    /** @return array{float, float} height of a line at the mean of x, from the mean of y; and its slope */
    private function centred(WeightedLine $line): array
    {
        return [$line->at($this->originX) - $this->originY, $line->beta];
    }
}
