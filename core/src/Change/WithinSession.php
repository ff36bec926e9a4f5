<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\StudentT;

/**
 * Whether balls of one session changed from some ball on (maths.md 8.3).
 *
 * For each split, least squares of the errors on stations and a step after the split; the largest |t| is told, of
 * equal ones the earliest. Where a step is not told apart from the stations, or nothing scatters, the split is left
 * out. Time: O(n s) for n balls at s stations. This class is immutable.
 */
final readonly class WithinSession
{
    /** Fewer balls on a side of a split tell no step. */
    private const FEWEST_A_SIDE = 6;

    /** Fewer balls in all tell nothing. */
    private const FEWEST = 16;

    /** |t| from which the largest of many steps is worth a remark. */
    private const REMARK = 3.4;

    /** Sum of squares of the step column, stations taken out, below which the two are not told apart. */
    private const LEAST_STEP_SQUARES = 1.0;

    /** Residual variance at or below which nothing scatters. */
    private const NO_SCATTER = 1e-18;

    /** The largest of many steps is too large by a fifth. */
    private const TOO_LARGE_BY = 1.2;

    /**
     * @param non-negative-int $n balls
     * @param int|null $split balls before the step; null where no split tells one
     * @param float|null $step later less earlier, share of length
     * @param float|null $degreesOfFreedom of t
     */
    private function __construct(
        public int $n,
        public ?int $split,
        public ?float $step,
        public ?float $t,
        private ?float $degreesOfFreedom,
    ) {}

    /** @param list<array{float, string}> $balls error (share of length) and station, in the order rolled */
    public static function of(array $balls): self
    {
        $n = count($balls);
        if ($n < self::FEWEST) {
            return new self($n, null, null, null, null);
        }
        $best = new self($n, null, null, null, null);
        foreach (self::steps($balls) as $step) {
            // Equal but for rounding counts as equal, and the earliest stays.
            $best = $best->t === null || abs((float) $step->t) > abs($best->t) * (1.0 + 1e-12) ? $step : $best;
        }

        return $best;
    }

    /**
     * The step after a given ball, where it can be told; null where it cannot.
     *
     * @param list<array{float, string}> $balls as in {@see of}
     */
    public static function after(array $balls, int $split): ?self
    {
        foreach (self::steps($balls) as $step) {
            if ($step->split === $split) {
                return $step;
            }
        }

        return null;
    }

    /**
     * The step after each ball that tells one.
     *
     * @param list<array{float, string}> $balls
     *
     * @return \Generator<self>
     */
    private static function steps(array $balls): \Generator
    {
        $n = count($balls);
        $errors = array_column($balls, 0);
        [$station, $sizes, $means] = self::stations(array_column($balls, 1), $errors);
        $left = [];
        $squares = 0.0;
        foreach ($errors as $i => $error) {
            $left[$i] = $error - $means[$station[$i]];
            $squares += $left[$i] ** 2;
        }
        $degrees = $n - count($sizes) - 1;
        $after = $sizes;
        $sumAfter = 0.0;
        for ($split = 1; $split <= $n - self::FEWEST_A_SIDE && $degrees >= 1; ++$split) {
            --$after[$station[$split - 1]];
            // Residuals add up to 0, so what is left after the split is minus what came before.
            $sumAfter -= $left[$split - 1];
            $stepSquares = self::stepSquares($after, $sizes);
            if ($split < self::FEWEST_A_SIDE || $stepSquares < self::LEAST_STEP_SQUARES) {
                continue;
            }
            $step = $sumAfter / $stepSquares;
            $variance = ($squares - $step ** 2 * $stepSquares) / $degrees;
            if ($variance > self::NO_SCATTER) {
                yield new self($n, $split, $step, $step * sqrt($stepSquares / $variance), $degrees);
            }
        }
    }

    public function isRemarkable(): bool
    {
        return $this->t !== null && abs($this->t) >= self::REMARK;
    }

    /** The standard normal score that is as unlikely as this t, at least 0; 0 without one. */
    public function normalScore(): float
    {
        if ($this->t === null || $this->degreesOfFreedom === null) {
            return 0.0;
        }
        $tail = max(1e-15, StudentT::cdf(-abs($this->t), $this->degreesOfFreedom));

        return max(0.0, -Normal::quantile(min(0.5, $tail)));
    }

    /**
     * Range of the step at 80 %, taken back by the fifth that the largest of many steps is too large by; null without
     * one.
     */
    public function range(): ?Interval
    {
        if ($this->step === null || $this->t === null || $this->degreesOfFreedom === null) {
            return null;
        }

        return Interval::around(
            $this->step / self::TOO_LARGE_BY,
            StudentT::halfWidth(0.8, $this->degreesOfFreedom) * abs($this->step / $this->t),
        );
    }

    /**
     * @param list<string> $names of each ball's station
     * @param list<float> $errors
     *
     * @return array{list<int>, list<int>, list<float>} station of each ball by number, balls and mean error of each
     */
    private static function stations(array $names, array $errors): array
    {
        $numbers = array_flip(array_values(array_unique($names)));
        $station = array_map(static fn(string $name): int => $numbers[$name], $names);
        $sizes = $sums = array_fill(0, count($numbers), 0);
        foreach ($station as $i => $number) {
            ++$sizes[$number];
            $sums[$number] += $errors[$i];
        }

        return [
            $station,
            array_values($sizes),
            array_map(static fn(float|int $sum, int $size): float => $sum / $size, $sums, $sizes),
        ];
    }

    /**
     * Sum of squares of the step column with the stations taken out: Σ m (1 − m/n) for m of a station's n balls after
     * it.
     *
     * @param array<int, int> $after
     * @param array<int, int> $sizes
     */
    private static function stepSquares(array $after, array $sizes): float
    {
        $squares = 0.0;
        foreach ($after as $number => $count) {
            $squares += $count - $count ** 2 / $sizes[$number];
        }

        return $squares;
    }
}
