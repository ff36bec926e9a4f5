<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * How far the true values of several groups lie apart, beyond what their standard errors explain.
 *
 * R. DerSimonian & N. Laird (1986), "Meta-analysis in clinical trials", Control. Clin. Trials 7, 177. Students of one
 * workspace and sessions of one student are such groups (maths.md 3.6, 3.8 and 8.2).
 */
final class BetweenGroups
{
    /**
     * τ², with each lot of groups about its own mean, held by what is shipped as if that were some groups more:
     * (k τ²_DL + shipped τ₀²)/(k + shipped), k the degrees, groups less lots.
     *
     * @param list<non-empty-list<array{float, float}>> $lots value and standard error (above 0) of each group
     * @param float $usual τ₀, in the values' unit
     * @param positive-int $shipped groups that τ₀ weighs as much as
     */
    public static function heldVariance(array $lots, float $usual, int $shipped): float
    {
        $q = $spare = 0.0;
        $degrees = 0;
        foreach ($lots as $lot) {
            [$mean, $weight] = self::mean($lot, 0.0);
            $squares = 0.0;
            foreach ($lot as [$value, $error]) {
                $q += ($value - $mean) ** 2 / $error ** 2;
                $squares += 1.0 / $error ** 4;
            }
            $spare += $weight - $squares / $weight;
            $degrees += count($lot) - 1;
        }
        $own = $degrees === 0 ? 0.0 : max(0.0, ($q - $degrees) / $spare);

        return ($degrees * $own + $shipped * $usual ** 2) / ($degrees + $shipped);
    }

    /**
     * @param non-empty-list<array{float, float}> $groups value and standard error of each
     * @param float $variance τ² between them
     *
     * @return array{float, float} mean with weights 1/(s² + τ²), and the sum of the weights
     */
    public static function mean(array $groups, float $variance): array
    {
        $sum = $weights = 0.0;
        foreach ($groups as [$value, $error]) {
            $weight = 1.0 / ($error ** 2 + $variance);
            $sum += $weight * $value;
            $weights += $weight;
        }

        return [$sum / $weights, $weights];
    }
}
