<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/**
 * A weighted least-squares line whose slope may lean on a prior (maths.md 3.3).
 *
 * Minimises Σ w (y − α − β x)² + λ (β − β₀)²; α follows from the weighted means.
 *
 * @internal
 */
final readonly class WeightedLine
{
    /**
     * @param float $sumWeights W
     * @param float $meanX weighted mean of x
     * @param float $spreadX weighted centred Σ w (x − x̄)² plus λ
     */
    private function __construct(
        public float $alpha,
        public float $beta,
        public float $sumWeights,
        public float $meanX,
        public float $spreadX,
    ) {}

    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param non-empty-list<float> $weights
     * @param float $lambda weight of the prior, in units of Σ w (x − x̄)²
     */
    public static function through(array $x, array $y, array $weights, float $lambda, float $beta0): self
    {
        $n = count($x);
        [$originX, $originY] = [array_sum($x) / $n, array_sum($y) / $n];
        $sum = $sumX = $sumY = $sumXX = $sumXY = 0.0;
        foreach ($weights as $i => $w) {
            [$dx, $dy] = [$x[$i] - $originX, $y[$i] - $originY];
            $sum += $w;
            $sumX += $w * $dx;
            $sumY += $w * $dy;
            $sumXX += $w * $dx * $dx;
            $sumXY += $w * $dx * $dy;
        }

        return self::ofSums($sum, $sumX, $sumY, $sumXX, $sumXY, $originX, $originY, $lambda, $beta0);
    }

    /**
     * From weighted sums about an origin near the weighted means: sums about zero would cancel where backstrokes are
     * alike.
     *
     * @param float $sum Σ w, $sumX Σ w (x − x₀), and so on, x₀ = $originX, y₀ = $originY
     */
    public static function ofSums(
        float $sum,
        float $sumX,
        float $sumY,
        float $sumXX,
        float $sumXY,
        float $originX,
        float $originY,
        float $lambda,
        float $beta0,
    ): self {
        $sxx = max(0.0, $sumXX - ($sumX * $sumX) / $sum) + $lambda;
        $beta = ($sumXY - ($sumX * $sumY) / $sum + $lambda * $beta0) / $sxx;
        $meanX = $originX + $sumX / $sum;

        return new self($originY + $sumY / $sum - $beta * $meanX, $beta, $sum, $meanX, $sxx);
    }

    public function at(float $x): float
    {
        return $this->alpha + $this->beta * $x;
    }
}
