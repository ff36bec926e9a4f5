<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * The standard normal distribution, to double precision.
 *
 * erfcx by W. J. Cody (1969), "Rational Chebyshev approximations for the error function",
 * Math. Comp. 23, 631; quantile by M. J. Wichura (1988), "Algorithm AS 241: the percentage
 * points of the normal distribution", Appl. Statist. 37, 477 (PPND16).
 */
final class Normal
{
    public const SQRT_2 = 1.4142135623730951;
    private const INV_SQRT_PI = 0.56418958354775628695;
    public const INV_SQRT_2PI = 0.3989422804014327;

    /** Density at z. */
    public static function density(float $z): float
    {
        return self::INV_SQRT_2PI * exp(-0.5 * $z * $z);
    }

    /** P(Z ≤ z); relative accuracy is kept far out in the lower tail. */
    public static function cdf(float $z): float
    {
        if ($z > 0.0) {
            return 1.0 - self::cdf(-$z);
        }

        return 0.5 * exp(-0.5 * $z * $z) * self::scaledErfc(-$z / self::SQRT_2);
    }

    /**
     * ln P(a < Z < b), finite wherever a < b, however far out.
     *
     * Computed in the tail that the interval lies in, so that a difference of two numbers near 1
     * never occurs; infinite ends are allowed.
     */
    public static function logInterval(float $a, float $b): float
    {
        if ($a > 0.0) {
            return self::logInterval(-$b, -$a);
        }
        if ($b > 0.0) {
            return log1p(-self::cdf($a) - self::cdf(-$b));
        }
        // Both ends in the lower tail: factor exp(-b²/2) out and keep the rest of order one.
        $nearer = self::scaledErfc(-$b / self::SQRT_2);
        $further = is_infinite($a) ? 0.0 : exp(-0.5 * ($a - $b) * ($a + $b)) * self::scaledErfc(-$a / self::SQRT_2);

        return -0.5 * $b * $b + log(0.5 * ($nearer - $further));
    }

    /** The z with P(Z ≤ z) = p, for p strictly between 0 and 1. */
    public static function quantile(float $p): float
    {
        $q = $p - 0.5;
        if (abs($q) <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q *
                self::ratio(
                    $r,
                    [
                        3.387132872796366608,
                        1.3314166789178437745e2,
                        1.9715909503065514427e3,
                        1.3731693765509461125e4,
                        4.5921953931549871457e4,
                        6.7265770927008700853e4,
                        3.3430575583588128105e4,
                        2.5090809287301226727e3,
                    ],
                    [
                        1.0,
                        4.2313330701600911252e1,
                        6.871870074920579083e2,
                        5.3941960214247511077e3,
                        2.1213794301586595867e4,
                        3.930789580009271061e4,
                        2.8729085735721942674e4,
                        5.226495278852854561e3,
                    ],
                );
        }
        $r = sqrt(-log($q < 0.0 ? $p : 1.0 - $p));
        $z =
            $r <= 5.0
                ? self::ratio(
                    $r - 1.6,
                    [
                        1.42343711074968357734,
                        4.6303378461565452959,
                        5.7694972214606914055,
                        3.64784832476320460504,
                        1.27045825245236838258,
                        2.4178072517745061177e-1,
                        2.27238449892691845833e-2,
                        7.7454501427834140764e-4,
                    ],
                    [
                        1.0,
                        2.05319162663775882187,
                        1.6763848301838038494,
                        6.8976733498510000455e-1,
                        1.4810397642748007459e-1,
                        1.51986665636164571966e-2,
                        5.475938084995344946e-4,
                        1.05075007164441684324e-9,
                    ],
                )
                : self::ratio(
                    $r - 5.0,
                    [
                        6.6579046435011037772,
                        5.4637849111641143699,
                        1.7848265399172913358,
                        2.9656057182850489123e-1,
                        2.6532189526576123093e-2,
                        1.2426609473880784386e-3,
                        2.71155556874348757815e-5,
                        2.01033439929228813265e-7,
                    ],
                    [
                        1.0,
                        5.9983220655588793769e-1,
                        1.3692988092273580531e-1,
                        1.48753612908506148525e-2,
                        7.868691311456132591e-4,
                        1.8463183175100546818e-5,
                        1.4215117583164458887e-7,
                        2.04426310338993978564e-15,
                    ],
                );

        return $q < 0.0 ? -$z : $z;
    }

    /**
     * exp(x²) erfc(x) for x ≥ 0 (Cody 1969).
     *
     * The polynomials are written out: this is the innermost step of the direction fit.
     */
    public static function scaledErfc(float $x): float
    {
        if ($x <= 0.46875) {
            $y = $x * $x;
            $above =
                (((1.85777706184603153e-1 * $y + 3.1611237438705656) * $y + 1.13864154151050156e2) * $y +
                    3.77485237685302021e2) *
                    $y +
                3.20937758913846947e3;
            $below =
                ((($y + 2.36012909523441209e1) * $y + 2.44024637934444173e2) * $y + 1.28261652607737228e3) * $y +
                2.84423683343917062e3;

            return exp($y) * (1.0 - ($x * $above) / $below);
        }
        if ($x <= 4.0) {
            $above =
                (((((((2.15311535474403846e-8 * $x + 5.64188496988670089e-1) * $x + 8.88314979438837594) * $x +
                    6.61191906371416295e1) *
                    $x +
                    2.98635138197400131e2) *
                    $x +
                    8.8195222124176909e2) *
                    $x +
                    1.71204761263407058e3) *
                    $x +
                    2.05107837782607147e3) *
                    $x +
                1.23033935479799725e3;
            $below =
                ((((((($x + 1.57449261107098347e1) * $x + 1.17693950891312499e2) * $x + 5.37181101862009858e2) * $x +
                    1.62138957456669019e3) *
                    $x +
                    3.29079923573345963e3) *
                    $x +
                    4.36261909014324716e3) *
                    $x +
                    3.43936767414372164e3) *
                    $x +
                1.23033935480374942e3;

            return $above / $below;
        }
        if (is_infinite($x)) {
            return 0.0;
        }
        $y = 1.0 / ($x * $x);
        $above =
            ((((1.63153871373020978e-2 * $y + 3.05326634961232344e-1) * $y + 3.60344899949804439e-1) * $y +
                1.25781726111229246e-1) *
                $y +
                1.60837851487422766e-2) *
                $y +
            6.58749161529837803e-4;
        $below =
            (((($y + 2.56852019228982242) * $y + 1.87295284992346047) * $y + 5.27905102951428412e-1) * $y +
                6.05183413124413191e-2) *
                $y +
            2.33520497626869185e-3;

        return (self::INV_SQRT_PI - ($y * $above) / $below) / $x;
    }

    /**
     * Quotient of two polynomials by Horner's rule.
     *
     * @param non-empty-list<float> $above coefficients, constant term first
     * @param non-empty-list<float> $below coefficients, constant term first
     */
    private static function ratio(float $x, array $above, array $below): float
    {
        $numerator = 0.0;
        for ($i = count($above) - 1; $i >= 0; --$i) {
            $numerator = $numerator * $x + $above[$i];
        }
        $denominator = 0.0;
        for ($i = count($below) - 1; $i >= 0; --$i) {
            $denominator = $denominator * $x + $below[$i];
        }

        return $numerator / $denominator;
    }
}
