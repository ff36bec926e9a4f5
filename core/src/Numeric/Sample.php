<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** Plain summaries of a list of numbers; sums are order-independent to rounding. */
final class Sample
{
    /** @param non-empty-list<float> $values */
    public static function mean(array $values): float
    {
        return array_sum($values) / count($values);
    }

    /**
     * Variance with n − 1 below; null for a single value, which has none.
     *
     * @param non-empty-list<float> $values
     */
    public static function variance(array $values): ?float
    {
        $n = count($values);
        if ($n < 2) {
            return null;
        }
        $mean = self::mean($values);
        $sum = 0.0;
        foreach ($values as $value) {
            $sum += ($value - $mean) ** 2;
        }

        return $sum / ($n - 1);
    }

    /**
     * Middle value; the mean of the two middle ones for an even count.
     *
     * @param non-empty-list<float> $values
     */
    public static function median(array $values): float
    {
        sort($values);
        $n = count($values);
        $middle = intdiv($n, 2);

        return $n % 2 === 1 ? $values[$middle] : 0.5 * ($values[$middle - 1] + $values[$middle]);
    }
}
