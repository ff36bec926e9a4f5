<?php

declare(strict_types=1);

namespace Amble\Core\Feel;

/**
 * How well a student feels length: the call before looking against what happened (maths.md 7).
 *
 * Agreement beyond chance is Cohen's kappa with linear weights (J. Cohen 1968, "Weighted kappa",
 * Psychol. Bull. 70, 213). This class is immutable.
 */
final readonly class FeelReport
{
    /**
     * @param float $agreement share of calls that were right
     * @param float|null $kappa −1 to 1; null when calls and results are all of one kind
     * @param float $miscalibration mean of call less result, in steps: positive means balls felt
     *                              longer than they were
     */
    private function __construct(
        public int $n,
        public float $agreement,
        public ?float $kappa,
        public float $miscalibration,
    ) {}

    /** @param list<array{LengthCall, LengthCall}> $pairs call and result; null for none */
    public static function of(array $pairs): ?self
    {
        if ($pairs === []) {
            return null;
        }
        $n = count($pairs);
        $right = $off = $shift = 0;
        $calls = $results = [-1 => 0, 0 => 0, 1 => 0];
        foreach ($pairs as [$call, $result]) {
            $right += $call === $result ? 1 : 0;
            $off += abs($call->rank() - $result->rank());
            $shift += $call->rank() - $result->rank();
            ++$calls[$call->rank()];
            ++$results[$result->rank()];
        }
        $byChance = 0.0;
        foreach ($calls as $i => $called) {
            foreach ($results as $j => $happened) {
                $byChance += (abs($i - $j) * $called * $happened) / $n;
            }
        }

        return new self($n, $right / $n, $byChance > 0.0 ? 1.0 - $off / $byChance : null, $shift / $n);
    }
}
