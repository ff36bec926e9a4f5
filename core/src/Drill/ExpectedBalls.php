<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/**
 * How many balls a drill will take at a student's own success rate, told before it starts.
 *
 * A run of n passes that begins again at every miss takes Σ_k Π_{j ≥ k} 1/p_j balls (W. Feller 1968,
 * "An Introduction to Probability Theory and Its Applications", 3rd ed., XIII.7, for equal p:
 * (1 − pⁿ)/((1 − p) pⁿ)).
 */
final class ExpectedBalls
{
    /**
     * @param list<float> $rates chance to pass of each ball of the run, in [0, 1]
     *
     * @return float|null null when a ball never passes
     */
    public static function inARow(array $rates): ?float
    {
        $expected = 0.0;
        foreach ($rates as $rate) {
            if ($rate <= 0.0) {
                return null;
            }
            // To pass this ball takes, on average, all balls up to here 1/p times over.
            $expected = ($expected + 1.0) / $rate;
        }

        return $expected;
    }

    /**
     * Balls for one round of a drill, its cap left out of account.
     *
     * @param non-empty-list<float> $rates chance to pass by station, in the order the drill lists them
     *
     * @return float|null null when it can never be finished
     */
    public static function of(DrillRules $drill, array $rates): ?float
    {
        $runs = array_map(static fn(float $rate): array => array_fill(0, $drill->ballsEach, $rate), $rates);

        return match ($drill->onMiss) {
            OnMiss::Nothing => (float) (count($rates) * $drill->ballsEach),
            OnMiss::Again => self::sum(
                array_map(static fn(float $rate): ?float => self::inARow([$rate]), array_merge(...$runs)),
            ),
            OnMiss::RestartAll => self::inARow(array_merge(...$runs)),
            OnMiss::RestartStation => self::sum(array_map(self::inARow(...), $runs)),
        };
    }

    /** @param list<float|null> $parts */
    private static function sum(array $parts): ?float
    {
        return in_array(null, $parts, true) ? null : array_sum($parts);
    }
}
