<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * Gauss–Legendre quadrature: nodes and weights on an interval.
 *
 * Nodes are the roots of the Legendre polynomial by Newton's method from the usual cosine start
 * (Abramowitz & Stegun 25.4.29–30). Cost O(n²) once per n; results are kept for the process.
 */
final class GaussLegendre
{
    /** @var array<int, list<array{float, float}>> */
    private static array $rules = [];

    /**
     * Nodes and weights on [low, high]; the weights sum to high − low.
     *
     * @param positive-int $n
     *
     * @return list<array{float, float}> pairs of node and weight
     */
    public static function on(float $low, float $high, int $n): array
    {
        $centre = 0.5 * ($low + $high);
        $half = 0.5 * ($high - $low);
        $scaled = [];
        foreach (self::rule($n) as [$node, $weight]) {
            $scaled[] = [$centre + $half * $node, $half * $weight];
        }

        return $scaled;
    }

    /**
     * Nodes and weights on [-1, 1].
     *
     * @param positive-int $n
     *
     * @return list<array{float, float}> pairs of node and weight; the weights sum to 2
     */
    public static function rule(int $n): array
    {
        return self::$rules[$n] ??= self::computed($n);
    }

    /** @return list<array{float, float}> */
    private static function computed(int $n): array
    {
        $rule = [];
        for ($i = 1; $i <= $n; ++$i) {
            $x = cos((M_PI * ($i - 0.25)) / ($n + 0.5));
            do {
                [$value, $slope] = self::legendre($n, $x);
                $step = $value / $slope;
                $x -= $step;
            } while (abs($step) > 1e-15);
            $slope = self::legendre($n, $x)[1];
            $rule[] = [$x, 2.0 / ((1.0 - $x * $x) * $slope * $slope)];
        }

        return $rule;
    }

    /** @return array{float, float} the polynomial of degree n and its derivative at x */
    private static function legendre(int $n, float $x): array
    {
        [$before, $now] = [1.0, $x];
        for ($k = 2; $k <= $n; ++$k) {
            [$before, $now] = [$now, ((2 * $k - 1) * $x * $now - ($k - 1) * $before) / $k];
        }
        if ($n === 1) {
            return [$x, 1.0];
        }

        return [$now, ($n * ($x * $now - $before)) / ($x * $x - 1.0)];
    }
}
