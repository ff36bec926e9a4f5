<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

/** Today's average leave against this student's usual one: the green, or the day. */
final class AgainstUsual implements FindingKind
{
    public static function label(): string
    {
        return 'Short, long or as usual';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $today = Leave::control($run->balls);
        if ($today === null) {
            return null;
        }
        $now = new Finding('', '', FindingUnit::OfLength, $today->bias, $today->biasInterval, $today->nMeasured + $today->nCutShort);
        $usual = $run->usual === null ? null : new Finding('', '', FindingUnit::OfLength, $run->usual->bias, $run->usual->biasInterval, $run->usual->nMeasured);
        $change = $usual === null ? null : $now->since($usual);
        $by = $change === null ? null : Say::percent(abs($change->difference));

        return new Finding(
            'Short, long or as usual today?',
            match (true) {
                $today->bias === null || $today->biasInterval === null => 'Too few balls were measured to say.',
                $change === null => sprintf('Today %s, from %s. What is usual is not known yet.', Say::ofLength($today->bias), Say::counted($now->n, 'ball', 'balls')),
                $change->isClear() => sprintf('Today balls stop %s %s than usual.', $by, $change->difference > 0.0 ? 'longer' : 'shorter'),
                default => sprintf('As usual, as far as %s can tell.', Say::counted($now->n, 'ball', 'balls')),
            },
            FindingUnit::Difference,
            $change?->difference,
            $change?->interval,
            $now->n,
            null,
            [Leave::row('Today', $today), ...($run->usual === null ? [] : [Leave::row('Usually', $run->usual)])],
        );
    }
}
