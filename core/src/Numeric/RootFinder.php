<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * A root of a continuous function inside a bracket.
 *
 * R. P. Brent (1973), "Algorithms for Minimization without Derivatives", ch. 4: inverse
 * quadratic interpolation, falling back on bisection, so it never leaves the bracket.
 */
final class RootFinder
{
    private const MAX_ROUNDS = 200;

    /**
     * @param callable(float): float $f values at the two ends must differ in sign, or one be 0
     * @param float $tolerance width of the final bracket, in the argument's own unit
     *
     * @throws \InvalidArgumentException If the ends do not bracket a root.
     */
    public static function brent(callable $f, float $low, float $high, float $tolerance = 1e-13): float
    {
        [$a, $b, $fa, $fb] = [$low, $high, $f($low), $f($high)];
        if ($fa * $fb > 0.0 || is_nan($fa) || is_nan($fb)) {
            throw new \InvalidArgumentException('The two ends do not bracket a root.');
        }
        [$c, $fc, $d, $e] = [$a, $fa, $b - $a, $b - $a];
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            if (abs($fc) < abs($fb)) {
                [$a, $b, $c] = [$b, $c, $b];
                [$fa, $fb, $fc] = [$fb, $fc, $fb];
            }
            $enough = 2.0 * PHP_FLOAT_EPSILON * abs($b) + 0.5 * $tolerance;
            $half = 0.5 * ($c - $b);
            if (abs($half) <= $enough || $fb === 0.0) {
                break;
            }
            [$d, $e] = self::nextStep([$a, $b, $c], [$fa, $fb, $fc], $d, $e, $enough);
            [$a, $fa] = [$b, $fb];
            $b += abs($d) > $enough ? $d : ($half > 0.0 ? $enough : -$enough);
            $fb = $f($b);
            if ($fb > 0.0 === $fc > 0.0) {
                [$c, $fc, $d, $e] = [$a, $fa, $b - $a, $b - $a];
            }
        }

        return $b;
    }

    /**
     * The step to take from b and the one before it: interpolated where that is safe, else half.
     *
     * @param array{float, float, float} $x
     * @param array{float, float, float} $y
     *
     * @return array{float, float}
     */
    private static function nextStep(array $x, array $y, float $d, float $e, float $enough): array
    {
        [$a, $b, $c] = $x;
        [$fa, $fb, $fc] = $y;
        $half = 0.5 * ($c - $b);
        if (abs($e) < $enough || abs($fa) <= abs($fb)) {
            return [$half, $half];
        }
        $s = $fb / $fa;
        if ($a === $c) {
            [$p, $q] = [2.0 * $half * $s, 1.0 - $s];
        } else {
            [$q, $r] = [$fa / $fc, $fb / $fc];
            $p = $s * (2.0 * $half * $q * ($q - $r) - ($b - $a) * ($r - 1.0));
            $q = ($q - 1.0) * ($r - 1.0) * ($s - 1.0);
        }
        $q = $p > 0.0 ? -$q : $q;
        $p = abs($p);

        return 2.0 * $p < min(3.0 * $half * $q - abs($enough * $q), abs($e * $q)) ? [$p / $q, $d] : [$half, $half];
    }
}
