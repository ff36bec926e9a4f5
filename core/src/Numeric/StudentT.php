<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** Student's t distribution with any positive, not necessarily whole, degrees of freedom. */
final class StudentT
{
    /** P(T ≤ t) (Abramowitz & Stegun 26.7.1 through the incomplete beta function). */
    public static function cdf(float $t, float $degreesOfFreedom): float
    {
        $x = $degreesOfFreedom / ($degreesOfFreedom + $t * $t);
        $tail = 0.5 * SpecialFunctions::betaI(0.5 * $degreesOfFreedom, 0.5, $x);

        return $t > 0.0 ? 1.0 - $tail : $tail;
    }

    /** The t with P(T ≤ t) = p, for p strictly between 0 and 1. */
    public static function quantile(float $p, float $degreesOfFreedom): float
    {
        if ($p === 0.5) {
            return 0.0;
        }
        // Solved in the lower tail, where the cdf keeps its relative accuracy.
        $tail = min($p, 1.0 - $p);
        $far = Normal::quantile($tail);
        while (self::cdf($far, $degreesOfFreedom) > $tail) {
            $far *= 2.0;
        }
        $t = RootFinder::brent(static fn(float $t): float => log(self::cdf($t, $degreesOfFreedom) / $tail), $far, 0.0);

        return $p < 0.5 ? $t : -$t;
    }

    /** Half-width, in standard errors, of a two-sided interval with the given level (0.8, say). */
    public static function halfWidth(float $level, float $degreesOfFreedom): float
    {
        return self::quantile(0.5 + 0.5 * $level, $degreesOfFreedom);
    }
}
