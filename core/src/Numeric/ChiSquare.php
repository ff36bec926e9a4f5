<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** The chi-square distribution. */
final class ChiSquare
{
    /** P(X ≤ x) for x ≥ 0. */
    public static function cdf(float $x, float $degreesOfFreedom): float
    {
        return SpecialFunctions::gammaP(0.5 * $degreesOfFreedom, 0.5 * $x);
    }

    /** The x with P(X ≤ x) = p, for p strictly between 0 and 1. */
    public static function quantile(float $p, float $degreesOfFreedom): float
    {
        $high = $degreesOfFreedom + 1.0;
        while (self::cdf($high, $degreesOfFreedom) < $p) {
            $high *= 2.0;
        }

        return RootFinder::brent(
            static fn(float $x): float => self::cdf($x, $degreesOfFreedom) - $p,
            0.0,
            $high,
            1e-14,
        );
    }
}
