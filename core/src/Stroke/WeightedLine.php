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
