<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/**
 * Log-likelihood of interval-censored normal data with its first and second derivatives.
 *
 * With a = (low − μ)/σ, b = (high − μ)/σ, P = Φ(b) − Φ(a) and the moments
 * G_k = (b^k φ(b) − a^k φ(a)) / P, an interval adds ln P; its derivatives by μ and τ = ln σ are
 * −G0/σ, −G1, −(G1 + G0²)/σ², (G0 − G2 − G0 G1)/σ and G1 − G3 − G1² (direct differentiation).
 *
 * @internal
 */
final readonly class IntervalLikelihood
{
    /** @var list<array{float, float, int}> low, high, how often */
    private array $groups;

    /** @param list<Bound> $bounds */
    public function __construct(array $bounds)
    {
        $groups = [];
        foreach ($bounds as $bound) {
            $key = "$bound->low $bound->high";
            $groups[$key] = [$bound->low, $bound->high, ($groups[$key][2] ?? 0) + 1];
        }
        $this->groups = array_values($groups);
    }

    public function at(float $mu, float $logSigma): LikelihoodPoint
    {
        $sigma = exp($logSigma);
        $value = $dMu = $dLog = $dMuMu = $dMuLog = $dLogLog = 0.0;
        foreach ($this->groups as [$low, $high, $times]) {
            $a = ($low - $mu) / $sigma;
            if ($low === $high) {
                $value += $times * (-$logSigma - 0.5 * $a * $a);
                $dMu += ($times * $a) / $sigma;
                $dLog += $times * ($a * $a - 1.0);
                $dMuMu -= $times / ($sigma * $sigma);
                $dMuLog -= ($times * 2.0 * $a) / $sigma;
                $dLogLog -= $times * 2.0 * $a * $a;
                continue;
            }
            $b = ($high - $mu) / $sigma;
            $log = Normal::logInterval($a, $b);
            [$g0, $g1, $g2, $g3] = self::moments($a, $b, $log);
            $value += $times * $log;
            $dMu -= ($times * $g0) / $sigma;
            $dLog -= $times * $g1;
            $dMuMu -= ($times * ($g1 + $g0 * $g0)) / ($sigma * $sigma);
            $dMuLog += ($times * ($g0 - $g2 - $g0 * $g1)) / $sigma;
            $dLogLog += $times * ($g1 - $g3 - $g1 * $g1);
        }

        return new LikelihoodPoint($value, $dMu, $dLog, $dMuMu, $dMuLog, $dLogLog);
    }

    /** @return array{float, float, float, float} G0 to G3 */
    private static function moments(float $a, float $b, float $logP): array
    {
        $moments = [0.0, 0.0, 0.0, 0.0];
        foreach ([[$b, 1.0], [$a, -1.0]] as [$end, $sign]) {
            if (is_infinite($end)) {
                continue;
            }
            // The ratio φ/P in logs: both may underflow far out while their ratio is of order one.
            $term = ($sign * exp(-0.5 * $end * $end - $logP)) / sqrt(2.0 * M_PI);
            foreach ($moments as $k => $moment) {
                $moments[$k] = $moment + $term;
                $term *= $end;
            }
        }

        return $moments;
    }
}
