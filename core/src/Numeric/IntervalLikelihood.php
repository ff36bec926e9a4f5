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
            // Adding 0 makes one of the two zeros that floats have.
            $key = pack('dd', $bound->low + 0.0, $bound->high + 0.0);
            if (isset($groups[$key])) {
                ++$groups[$key][2];
            } else {
                $groups[$key] = [$bound->low, $bound->high, 1];
            }
        }
        // In a fixed order, so that shuffled bounds give the same sums to the last digit.
        ksort($groups, SORT_STRING);
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
            if ($a <= 0.0 && $b >= 0.0) {
                $expA = exp(-0.5 * $a * $a);
                $expB = exp(-0.5 * $b * $b);
                $outside =
                    0.5 *
                    ($expA * Normal::scaledErfc($a / -Normal::SQRT_2) +
                        $expB * Normal::scaledErfc($b / Normal::SQRT_2));
                $log = log1p(-$outside);
                $perP = Normal::INV_SQRT_2PI / (1.0 - $outside);
                $atA = $expA * $perP;
                $atB = $expB * $perP;
            } else {
                // The ratios φ/P in logs: both may underflow far out while their ratio is of order one.
                $log = Normal::logInterval($a, $b);
                $atA = exp(-0.5 * $a * $a - $log - self::LOG_ROOT);
                $atB = exp(-0.5 * $b * $b - $log - self::LOG_ROOT);
            }
            // An open end adds nothing to the moments.
            $low = $a === -INF ? 0.0 : $a;
            $high = $b === INF ? 0.0 : $b;
            $g0 = $atB - $atA;
            $g1 = $high * $atB - $low * $atA;
            $g2 = $high * $high * $atB - $low * $low * $atA;
            $g3 = $high * $high * $high * $atB - $low * $low * $low * $atA;
            $value += $times * $log;
            $dMu -= ($times * $g0) / $sigma;
            $dLog -= $times * $g1;
            $dMuMu -= ($times * ($g1 + $g0 * $g0)) / ($sigma * $sigma);
            $dMuLog += ($times * ($g0 - $g2 - $g0 * $g1)) / $sigma;
            $dLogLog += $times * ($g1 - $g3 - $g1 * $g1);
        }

        return new LikelihoodPoint($value, $dMu, $dLog, $dMuMu, $dMuLog, $dLogLog);
    }
}
