<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** Symmetric positive definite matrices, as lists of rows. */
final class PositiveMatrix
{
    /**
     * The inverse by Cholesky's decomposition A = L Lᵀ (A.-L. Cholesky, published 1924), A⁻¹ = L⁻ᵀ L⁻¹. Time: O(n³).
     *
     * @param list<list<float>> $matrix symmetric and positive definite
     *
     * @return list<list<float>>
     */
    public static function inverse(array $matrix): array
    {
        $n = count($matrix);
        $lower = $inverse = $result = [];
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j <= $i; ++$j) {
                $sum = $matrix[$i][$j];
                for ($k = 0; $k < $j; ++$k) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt($sum) : $sum / $lower[$j][$j];
            }
        }
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j <= $i; ++$j) {
                $sum = $i === $j ? 1.0 : 0.0;
                for ($k = $j; $k < $i; ++$k) {
                    $sum -= $lower[$i][$k] * $inverse[$k][$j];
                }
                $inverse[$i][$j] = $sum / $lower[$i][$i];
            }
        }
        for ($i = 0; $i < $n; ++$i) {
            $row = [];
            for ($j = 0; $j < $n; ++$j) {
                $sum = 0.0;
                for ($k = max($i, $j); $k < $n; ++$k) {
                    $sum += $inverse[$k][$i] * $inverse[$k][$j];
                }
                $row[] = $sum;
            }
            $result[] = $row;
        }

        return $result;
    }

    /**
     * The quadratic form v A vᵀ.
     *
     * @param list<list<float>> $matrix
     * @param list<float> $vector
     */
    public static function form(array $matrix, array $vector): float
    {
        $sum = 0.0;
        foreach ($matrix as $i => $row) {
            foreach ($row as $j => $value) {
                $sum += $vector[$i] * $value * $vector[$j];
            }
        }

        return $sum;
    }
}
