<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * Mean and spread of a normal law from exact values and bounds, by maximum likelihood (maths.md 4.2, 5.1).
 *
 * Newton on (μ, ln σ) with step halving; where the curvature is not that of a maximum the step
 * follows the slope. Like bounds are counted once. Time: O(m R), where m is the number of
 * different bounds and R ≤ 200 the rounds. This class is immutable.
 */
final readonly class CensoredNormal
{
    private const MAX_ROUNDS = 200;
    private const MAX_HALVINGS = 40;
    private const SETTLED = 1e-7;

    /**
     * @param float $meanError standard error of the mean, from the observed information
     * @param float $logSpreadError standard error of ln(spread), likewise
     * @param float $covariance of the mean and ln(spread), likewise
     */
    private function __construct(
        public float $mean,
        public float $spread,
        public float $meanError,
        public float $logSpreadError,
        private float $covariance,
    ) {}

    /** Share of the normal law between −w and w, p = Φ((w − μ)/σ) − Φ((−w − μ)/σ) (maths.md 5.1). */
    public function shareInside(float $window): float
    {
        return Normal::cdf(($window - $this->mean) / $this->spread) -
            Normal::cdf((-$window - $this->mean) / $this->spread);
    }

    /** Interval of that share by the delta method on its logit; a share of 0 or 1 is that end itself. */
    public function shareInsideInterval(float $window, float $level): Interval
    {
        $share = $this->shareInside($window);
        if ($share <= 0.0 || $share >= 1.0) {
            return new Interval($share, $share);
        }
        [$high, $low] = [($window - $this->mean) / $this->spread, (-$window - $this->mean) / $this->spread];
        $byMean = (Normal::density($low) - Normal::density($high)) / $this->spread;
        $byLogSpread = $low * Normal::density($low) - $high * Normal::density($high);
        $variance =
            $byMean ** 2 * $this->meanError ** 2 +
            $byLogSpread ** 2 * $this->logSpreadError ** 2 +
            2.0 * $byMean * $byLogSpread * $this->covariance;
        $half = (Normal::quantile(0.5 + 0.5 * $level) * sqrt(max(0.0, $variance))) / ($share * (1.0 - $share));
        $logit = log($share / (1.0 - $share));

        return new Interval(1.0 / (1.0 + exp($half - $logit)), 1.0 / (1.0 + exp(-$half - $logit)));
    }

    /** Wald interval of the mean. */
    public function meanInterval(float $level): Interval
    {
        return Interval::around($this->mean, Normal::quantile(0.5 + 0.5 * $level) * $this->meanError);
    }

    /** Wald interval of the spread, on the log scale. */
    public function spreadInterval(float $level): Interval
    {
        $factor = exp(Normal::quantile(0.5 + 0.5 * $level) * $this->logSpreadError);

        return new Interval($this->spread / $factor, $this->spread * $factor);
    }

    /**
     * @param non-empty-list<Bound> $bounds
     *
     * @return self|null null where the data cannot tell both figures
     */
    public static function fit(array $bounds): ?self
    {
        if (!self::isIdentified($bounds)) {
            return null;
        }
        $likelihood = new IntervalLikelihood($bounds);
        [$mu, $logSigma] = self::start($likelihood->groups);
        $at = $likelihood->at($mu, $logSigma);
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            [$stepMu, $stepLog] = $at->newtonStep();
            if (abs($stepMu) < self::SETTLED * exp($logSigma) && abs($stepLog) < self::SETTLED) {
                // Newton squares the error: after this last step it is below rounding.
                [$mu, $logSigma] = [$mu + $stepMu, $logSigma + $stepLog];
                break;
            }
            [$mu, $logSigma, $next] = self::climb($likelihood, $at, $mu, $logSigma, $stepMu, $stepLog);
            if ($next === $at) {
                break;
            }
            $at = $next;
        }

        return new self($mu, exp($logSigma), ...$at->errors());
    }

    /**
     * The mean alone, with the spread held: its standard error comes from the information on the mean.
     *
     * @param non-empty-list<Bound> $bounds at least one exact
     * @param float $spread above 0
     *
     * @return array{float, float} mean and standard error
     */
    public static function meanAt(array $bounds, float $spread): array
    {
        $likelihood = new IntervalLikelihood($bounds);
        $mu = self::start($likelihood->groups)[0];
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            // ln of a normal density or interval is concave in the mean, so plain Newton climbs.
            $step = $likelihood->at($mu, log($spread))->meanStep();
            $mu += max(-$spread, min($spread, $step));
            if (abs($step) < 1e-12 * $spread) {
                break;
            }
        }

        return [$mu, $likelihood->at($mu, log($spread))->meanError()];
    }

    /**
     * The step, halved until the likelihood does not fall; the same point when no share of it climbs.
     *
     * @return array{float, float, LikelihoodPoint}
     */
    private static function climb(
        IntervalLikelihood $likelihood,
        LikelihoodPoint $at,
        float $mu,
        float $logSigma,
        float $stepMu,
        float $stepLog,
    ): array {
        for ($halving = 0, $share = 1.0; $halving < self::MAX_HALVINGS; ++$halving, $share *= 0.5) {
            $next = $likelihood->at($mu + $share * $stepMu, $logSigma + $share * $stepLog);
            if ($next->value > $at->value) {
                return [$mu + $share * $stepMu, $logSigma + $share * $stepLog, $next];
            }
        }

        return [$mu, $logSigma, $at];
    }

    /**
     * The maximum exists only when the closed bounds share no point and one of them is finite.
     *
     * @param non-empty-list<Bound> $bounds
     */
    private static function isIdentified(array $bounds): bool
    {
        [$highestLow, $lowestHigh, $isAnyFinite] = [-INF, INF, false];
        foreach ($bounds as $bound) {
            $highestLow = $bound->low > $highestLow ? $bound->low : $highestLow;
            $lowestHigh = $bound->high < $lowestHigh ? $bound->high : $lowestHigh;
            $isAnyFinite = $isAnyFinite || $bound->isFinite();
        }

        return $isAnyFinite && $highestLow > $lowestHigh + Check::SLACK;
    }

    /**
     * A first guess: each putt put at its angle, its middle, or its finite end.
     *
     * @param list<array{float, float, int}> $groups low, high, how often
     *
     * @return array{float, float} μ and ln σ
     */
    private static function start(array $groups): array
    {
        $n = 0;
        $sum = $squares = $widest = 0.0;
        foreach ($groups as [$low, $high, $times]) {
            $at = match (true) {
                $low === -INF => $high,
                $high === INF => $low,
                default => 0.5 * ($low + $high),
            };
            $n += $times;
            $sum += $times * $at;
            $squares += $times * $at * $at;
            $widest = max($widest, abs($at));
        }
        $variance = $squares / $n - ($sum / $n) ** 2;

        return [$sum / $n, 0.5 * log(max($variance, 1e-4 * $widest ** 2, 1e-18))];
    }
}
