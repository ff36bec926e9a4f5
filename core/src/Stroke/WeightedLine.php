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
        $sum = $sumX = $sumY = 0.0;
        foreach ($weights as $i => $w) {
            $sum += $w;
            $sumX += $w * $x[$i];
            $sumY += $w * $y[$i];
        }
        [$meanX, $meanY] = [$sumX / $sum, $sumY / $sum];
        // Centred sums in a second pass: the one-pass form cancels when backstrokes are alike.
        $sxx = $sxy = 0.0;
        foreach ($weights as $i => $w) {
            $dx = $x[$i] - $meanX;
            $sxx += $w * $dx * $dx;
            $sxy += $w * $dx * ($y[$i] - $meanY);
        }
        $beta = ($sxy + $lambda * $beta0) / ($sxx + $lambda);

        return new self($meanY - $beta * $meanX, $beta, $sum, $meanX, $sxx + $lambda);
    }

    public function at(float $x): float
    {
        return $this->alpha + $this->beta * $x;
    }
}
