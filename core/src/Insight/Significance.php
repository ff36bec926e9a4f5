<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\PaceAverage;
use Amble\Core\Review\MeasureChange;

/**
 * When a habit is said: large enough to matter, and so far beyond chance that a dozen rules asked at once seldom speak
 * without cause.
 */
final class Significance
{
    /** Standard errors a figure must lie from none; the chance of one rule without cause is 0.3 %. */
    public const ERRORS = 3.0;

    /**
     * @param float $least what is worth a word, in the figure's own unit, above 0
     * @param float|null $degrees of freedom of the error; null where it is as good as known
     */
    public static function says(float $value, float $error, float $least, ?float $degrees = null): bool
    {
        $errors =
            $degrees === null
                ? self::ERRORS
                : StudentT::halfWidth(2.0 * Normal::cdf(self::ERRORS) - 1.0, max(1.0, $degrees));

        return abs($value) >= $least && abs($value) >= $errors * $error;
    }

    /**
     * A share of n that must clearly lie above one half, by the score test: so nine of nine say it, and eight do not.
     *
     * @param float $than share it is held against
     */
    public static function shareAbove(int $hits, int $n, float $than = 0.5): bool
    {
        return $n > 0 && $hits / $n - $than >= self::ERRORS * sqrt(($than * (1.0 - $than)) / $n);
    }

    /**
     * A spread whose lower end lies above what is ordinary; its logarithm errs by about √(1/2(n−1)) (maths.md 8).
     */
    public static function spreadAbove(float $spread, int $n, float $ordinary): bool
    {
        return $n > 2 && $spread * exp(-self::ERRORS * sqrt(0.5 / ($n - 1))) > $ordinary;
    }

    /** What is left of days that differ in the mean of these sessions, share of length (maths.md 8.2). */
    public static function daysApart(BallSelection $asked): float
    {
        $figures = array_values(MeasureChange::figures(PaceAverage::class, $asked));

        return PeriodChange::tauOf($figures, PeriodChange::PACE) / sqrt(max(1, count($figures)));
    }

    /** From 0 to 1, as notes are ranked by. */
    public static function sureness(float $value, float $error): float
    {
        return $error <= 0.0 ? 1.0 : min(1.0, abs($value) / (4.0 * $error));
    }
}
