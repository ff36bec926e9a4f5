<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * A log-likelihood and its derivatives at one (μ, ln σ).
 *
 * @internal
 */
final readonly class LikelihoodPoint
{
    /** A step may not change σ by more than this factor's logarithm at once. */
    private const LONGEST_LOG_STEP = 1.0;

    public function __construct(
        public float $value,
        private float $dMu,
        private float $dLog,
        private float $dMuMu,
        private float $dMuLog,
        private float $dLogLog,
    ) {}

    /** @return array{float, float} Newton's step, or the diagonal one where there is no maximum ahead */
    public function newtonStep(): array
    {
        $determinant = $this->dMuMu * $this->dLogLog - $this->dMuLog ** 2;
        [$mu, $log] =
            $this->dMuMu < 0.0 && $determinant > 0.0
                ? [
                    -($this->dLogLog * $this->dMu - $this->dMuLog * $this->dLog) / $determinant,
                    -($this->dMuMu * $this->dLog - $this->dMuLog * $this->dMu) / $determinant,
                ]
                : [$this->dMu / max(abs($this->dMuMu), 1e-12), $this->dLog / max(abs($this->dLogLog), 1e-12)];
        $shrink = min(1.0, self::LONGEST_LOG_STEP / max(abs($log), 1e-300));

        return [$shrink * $mu, $shrink * $log];
    }

    /** Newton's step of the mean alone. */
    public function meanStep(): float
    {
        return $this->dMuMu < 0.0 ? -$this->dMu / $this->dMuMu : 0.0;
    }

    /** Standard error of the mean while the spread is held. */
    public function meanError(): float
    {
        return 1.0 / sqrt(-$this->dMuMu);
    }

    /**
     * @return array{float, float, float} standard errors of μ and ln σ and their covariance, from the inverse of the
     *     observed information
     */
    public function errors(): array
    {
        $determinant = $this->dMuMu * $this->dLogLog - $this->dMuLog ** 2;

        return [sqrt(-$this->dLogLog / $determinant), sqrt(-$this->dMuMu / $determinant), $this->dMuLog / $determinant];
    }
}
