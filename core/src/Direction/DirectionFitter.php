<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\RootFinder;

/**
 * Bias μ and spread σ of a normal start line from bounds and exact angles, by maximum
 * likelihood (maths.md 4.2).
 *
 * Newton on (μ, ln σ) with step halving; where the curvature is not that of a maximum the step
 * follows the slope. Like bounds are counted once. Time: O(m R), where m is the number of
 * different bounds and R ≤ 200 the rounds.
 */
final readonly class DirectionFitter
{
    private const MAX_ROUNDS = 200;
    private const MAX_HALVINGS = 40;
    private const SETTLED = 1e-7;

    /** Chance of the data at the upper bound of the spread. */
    private const BOUND_CHANCE = 0.05;

    /** @param list<Bound> $bounds */
    public function fit(array $bounds): DirectionFit
    {
        if ($bounds === []) {
            return DirectionFit::none();
        }
        if (!self::isIdentified($bounds)) {
            return DirectionFit::bounded(count($bounds), self::spreadUpperBound($bounds));
        }
        // In a fixed order, so that shuffled putts give the same figures to the last digit.
        usort($bounds, static fn(Bound $a, Bound $b): int => [$a->low, $a->high] <=> [$b->low, $b->high]);
        $likelihood = new IntervalLikelihood($bounds);
        [$mu, $logSigma] = self::start($bounds);
        $at = $likelihood->at($mu, $logSigma);
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            [$stepMu, $stepLog] = $at->newtonStep();
            if (abs($stepMu) < self::SETTLED * exp($logSigma) && abs($stepLog) < self::SETTLED) {
                // Newton squares the error: after this last step it is below rounding.
                [$mu, $logSigma] = [$mu + $stepMu, $logSigma + $stepLog];
                break;
            }
            [$mu, $logSigma, $next] = $this->climb($likelihood, $at, $mu, $logSigma, $stepMu, $stepLog);
            if ($next === $at) {
                break;
            }
            $at = $next;
        }
        [$biasError, $logSpreadError] = $at->standardErrors();

        return DirectionFit::estimated(count($bounds), $mu, exp($logSigma), $biasError, $logSpreadError);
    }

    /**
     * The step, halved until the likelihood does not fall; the same point when no share of it climbs.
     *
     * @return array{float, float, LikelihoodPoint}
     */
    private function climb(
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
        $highestLow = max(array_map(static fn(Bound $bound): float => $bound->low, $bounds));
        $lowestHigh = min(array_map(static fn(Bound $bound): float => $bound->high, $bounds));
        $finite = array_filter($bounds, static fn(Bound $bound): bool => $bound->isFinite());

        return $highestLow > $lowestHigh + Check::SLACK && $finite !== [];
    }

    /**
     * Largest σ with Π (Φ(high/σ) − Φ(low/σ)) ≥ 0.05 at μ = 0; null unless every bound is finite
     * and holds 0, and when no σ reaches that chance.
     *
     * @param non-empty-list<Bound> $bounds
     */
    private static function spreadUpperBound(array $bounds): ?float
    {
        $wide = 0.0;
        foreach ($bounds as $bound) {
            if (!$bound->isFinite() || !$bound->holdsZero() || $bound->isExact()) {
                return null;
            }
            $wide = max($wide, $bound->high - $bound->low);
        }
        $excess = static function (float $logSigma) use ($bounds): float {
            $sum = -log(self::BOUND_CHANCE);
            foreach ($bounds as $bound) {
                $sum += Normal::logInterval($bound->low / exp($logSigma), $bound->high / exp($logSigma));
            }

            return $sum;
        };
        [$low, $high] = [log($wide) - 12.0, log($wide) + 12.0];

        return $excess($low) < 0.0 ? null : exp(RootFinder::brent($excess, $low, $high));
    }

    /**
     * A first guess: each putt put at its angle, its middle, or its finite end.
     *
     * @param non-empty-list<Bound> $bounds
     *
     * @return array{float, float} μ and ln σ
     */
    private static function start(array $bounds): array
    {
        $sum = $squares = $widest = 0.0;
        foreach ($bounds as $bound) {
            $at = match (true) {
                $bound->isFinite() => 0.5 * ($bound->low + $bound->high),
                is_finite($bound->low) => $bound->low,
                default => $bound->high,
            };
            $sum += $at;
            $squares += $at * $at;
            $widest = max($widest, abs($at));
        }
        $n = count($bounds);
        $variance = $squares / $n - ($sum / $n) ** 2;

        return [$sum / $n, 0.5 * log(max($variance, 1e-4 * $widest ** 2, 1e-18))];
    }
}
