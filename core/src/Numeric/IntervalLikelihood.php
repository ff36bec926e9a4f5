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
    /** ln √(2π). */
    private const LOG_ROOT = 0.9189385332046727;

    /** @var list<array{float, float, int}> low, high, how often, in a fixed order */
    public array $groups;

    /** @param list<Bound> $bounds */
    public function __construct(array $bounds)
    {
        $groups = [];
        foreach ($bounds as $bound) {
            $key = $bound->low . ' ' . $bound->high;
            if (isset($groups[$key])) {
                ++$groups[$key][2];
            } else {
                $groups[$key] = [$bound->low, $bound->high, 1];
            }
        }
        // In a fixed order, so that shuffled bounds give the same sums to the last digit.
        sort($groups);
        $this->groups = $groups;
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
        // The ratio φ/P in logs: both may underflow far out while their ratio is of order one. An open end adds nothing.
        [$a, $atA] = $a === -INF ? [0.0, 0.0] : [$a, exp(-0.5 * $a * $a - $logP - self::LOG_ROOT)];
        [$b, $atB] = $b === INF ? [0.0, 0.0] : [$b, exp(-0.5 * $b * $b - $logP - self::LOG_ROOT)];

        return [
            $atB - $atA,
            $b * $atB - $a * $atA,
            $b * $b * $atB - $a * $a * $atA,
            $b * $b * $b * $atB - $a * $a * $a * $atA,
        ];
    }
}
