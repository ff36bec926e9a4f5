<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

use Amble\Core\Numeric\BetweenGroups;
use Amble\Core\Numeric\Sample;

/**
 * How today's putts lie against the line of the student's earlier sessions (maths.md 3.6).
 *
 * Log units, positive long. The error holds the ball scatter, the line's own error and that days differ. One student
 * alone cannot tell the green from the strike, so both readings are offered. This class is immutable.
 */
final readonly class SessionOffset
{
    /** τ₀: how far days usually lie apart, log units. */
    public const DAY_TO_DAY = 0.08;

    /** What is shipped of τ weighs as much as this many sessions. */
    private const SHIPPED_SESSIONS = 4;

    /** Fewer balls today are worth no remark. */
    private const FEWEST_BALLS = 4;

    /** Standard errors from none beyond which the offset is worth a remark. */
    public const REMARK = 2.0;

    /**
     * @param positive-int $n balls of today
     * @param positive-int $sessions earlier ones
     * @param float $offset m, plain mean of today's residuals
     * @param float $standardError √V
     * @param float $dayToDay τ
     * @param float $believed u, the part of m that is believed
     */
    private function __construct(
        public int $n,
        public int $sessions,
        public float $offset,
        public float $standardError,
        public float $dayToDay,
        public float $believed,
        private float $beta,
    ) {}

    /**
     * @param list<list<StrokePutt>> $earlier session by session; those without putts are not counted
     * @param list<StrokePutt> $today
     * @param float $dayToDay τ₀, above 0
     *
     * @return self|null null without earlier putts or without putts today
     */
    public static function of(array $earlier, array $today, float $dayToDay = self::DAY_TO_DAY): ?self
    {
        $sessions = array_values(array_filter($earlier));
        $line = (new StrokeFitter())->fit(array_merge(...$sessions));
        [$sigma, $beta] = [$line->sigma, $line->beta()];
        if ($today === [] || $sessions === [] || $sigma === null || $beta === null) {
            return null;
        }
        $tau2 = BetweenGroups::heldVariance(
            [
                array_map(
                    static fn(array $putts): array => [self::mean($putts, $line), $sigma / sqrt(count($putts))],
                    $sessions,
                ),
            ],
            $dayToDay,
            self::SHIPPED_SESSIONS,
        );
        $offset = self::mean($today, $line);
        $n = count($today);
        $meanLog = Sample::mean(array_map(static fn(StrokePutt $putt): float => $putt->logBackstroke, $today));
        $variance = $sigma ** 2 / $n + (float) $line->lineVarianceAt($meanLog) + $tau2 * (1.0 + 1.0 / count($sessions));

        return new self(
            $n,
            count($sessions),
            $offset,
            sqrt($variance),
            sqrt($tau2),
            ($offset * $tau2) / $variance,
            $beta,
        );
    }

    /** Whether the offset is worth a remark: from four balls on, and more than two standard errors from none. */
    public function isRemarkable(): bool
    {
        return $this->n >= self::FEWEST_BALLS && abs($this->offset) > self::REMARK * $this->standardError;
    }

    /** The green's speed as a share of the measured one, if the green is what differs: e^u. */
    public function speedFactor(): float
    {
        return exp($this->believed);
    }

    /** Reading one: the green differs from the measured one; this is its effective speed, S e^u. */
    public function effectiveSpeed(float $measuredMetres): float
    {
        return $measuredMetres * $this->speedFactor();
    }

    /** Reading two: the strike differs; multiply backstrokes by this, e^(−u/β), to make up for it. */
    public function backstrokeFactor(): float
    {
        return exp(-$this->believed / $this->beta);
    }

    /** @param non-empty-list<StrokePutt> $putts */
    private static function mean(array $putts, StrokeFit $line): float
    {
        return Sample::mean(array_map(static fn(StrokePutt $putt): float => (float) $line->residualOf($putt), $putts));
    }
}
