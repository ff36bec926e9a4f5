<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Sample;

/** Where a student's balls usually finish, from their earlier sessions; shares of length, positive past. Immutable. */
final readonly class UsualBias
{
    /** From this many sessions on the student's own day-to-day spread is used. */
    private const FEWEST_FOR_OWN = 5;

    /** A student's own day-to-day spread is never taken to be less. */
    private const LEAST_DAY_TO_DAY = 0.02;

    public function __construct(public float $bias, public float $standardError) {}

    /**
     * The mean of the earlier sessions' means, with its error from each session's own variance and τ² from
     * day to day (maths.md 5.2).
     *
     * @param list<array{float, float}> $sessions mean and its standard error, session by session
     */
    public static function of(array $sessions, float $dayToDay = Today::DAY_TO_DAY): ?self
    {
        if ($sessions === []) {
            return null;
        }
        $k = count($sessions);
        $means = array_column($sessions, 0);
        $within = array_map(static fn(float $error): float => $error ** 2, array_column($sessions, 1));
        $tau2 =
            $k < self::FEWEST_FOR_OWN
                ? $dayToDay ** 2
                : max(self::LEAST_DAY_TO_DAY ** 2, (float) Sample::variance($means) - Sample::mean($within));
        $sum = array_sum(array_map(static fn(float $own): float => $own + $tau2, $within));

        return new self(Sample::mean($means), max(Check::SLACK, sqrt($sum) / $k));
    }
}
