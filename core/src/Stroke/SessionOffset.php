<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/**
 * How a session's putts lie against the student's long-run line (maths.md 3.6).
 *
 * Log units, positive long. One student alone cannot tell the green from the strike, so both
 * readings are offered.
 */
final readonly class SessionOffset
{
    /** τ: how far sessions usually lie from the long-run line, log units. */
    public const BETWEEN_SESSIONS = 0.08;

    /**
     * @param float $offset u, shrunk toward none
     * @param float $meanResidual m, the plain mean
     * @param float $meanSquaredError σ² / n of the plain mean
     */
    private function __construct(
        public int $n,
        public float $offset,
        public float $standardError,
        public float $meanResidual,
        public float $meanSquaredError,
        private float $beta,
    ) {
    }

    /**
     * @param non-empty-list<float> $residuals of the session's putts from the long-run line
     * @param float $sigma spread of single putts around that line, above 0
     * @param float $beta the line's exponent
     */
    public static function of(array $residuals, float $sigma, float $beta): self
    {
        $n = count($residuals);
        $sum = array_sum($residuals);
        $below = $n + $sigma ** 2 / self::BETWEEN_SESSIONS ** 2;

        return new self($n, $sum / $below, $sigma / sqrt($below), $sum / $n, $sigma ** 2 / $n, $beta);
    }

    /** Whether the offset is worth a remark: more than two standard errors from none. */
    public function isRemarkable(): bool
    {
        return abs($this->offset) > 2.0 * $this->standardError;
    }

    /** Reading one: the green differs from the measured one; this is its effective speed, S e^u. */
    public function effectiveSpeed(float $measuredMetres): float
    {
        return $measuredMetres * exp($this->offset);
    }

    /** Reading two: the strike differs; multiply backstrokes by this, e^(−u/β), to make up for it. */
    public function backstrokeFactor(): float
    {
        return exp(-$this->offset / $this->beta);
    }
}
