<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** The chi-square distribution. */
final class ChiSquare
{
    private const MOST_STEPS = 8;

    /** P(X ≤ x) for x ≥ 0. */
    public static function cdf(float $x, float $degreesOfFreedom): float
    {
        return SpecialFunctions::gammaP(0.5 * $degreesOfFreedom, 0.5 * $x);
    }

    /**
     * The x with P(X ≤ x) = p, for p strictly between 0 and 1.
     *
     * Halley's steps from the guess of E. B. Wilson and M. M. Hilferty (1931), Proc. Natl. Acad. Sci. 17, 684; where
     * those do not settle, a search.
     */
    public static function quantile(float $p, float $degreesOfFreedom): float
    {
        $half = 0.5 * $degreesOfFreedom;
        $ninth = 2.0 / (9.0 * $degreesOfFreedom);
        $x = $degreesOfFreedom * max(0.01, 1.0 - $ninth + Normal::quantile($p) * sqrt($ninth)) ** 3;
        $norm = $half * M_LN2 + SpecialFunctions::logGamma($half);
        for ($round = 0; $round < self::MOST_STEPS; ++$round) {
            $density = exp(($half - 1.0) * log($x) - 0.5 * $x - $norm);
            if ($density <= 0.0) {
                break;
            }
            $newton = (self::cdf($x, $degreesOfFreedom) - $p) / $density;
            $step = $newton / max(0.5, 1.0 - 0.5 * $newton * (($half - 1.0) / $x - 0.5));
            $next = $x - $step;
            if ($next <= 0.0) {
                break;
            }
            $x = $next;
            if (abs($step) <= 1e-14 * $x) {
                return $x;
            }
        }

        return self::searched($p, $degreesOfFreedom);
    }

    private static function searched(float $p, float $degreesOfFreedom): float
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
