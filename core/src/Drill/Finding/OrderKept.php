<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** Whether each ball of a set rolled as it was to: each shorter than the one before. */
final class OrderKept implements FindingKind
{
    public static function label(): string
    {
        return 'Order of lengths';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        [$pairs, $held] = [0, 0];
        $before = null;
        foreach ($run->balls as $ball) {
            $target = $run->lengths[$ball->judged->station ?? 0] ?? null;
            $roll = $ball->roll();
            if ($target === null || $roll === null) {
                continue;
            }
            if ($before !== null && $before[0] !== $target) {
                ++$pairs;
                $held += ($roll <=> $before[1]) === ($target <=> $before[0]) ? 1 : 0;
            }
            $before = [$target, $roll];
        }
        if ($pairs === 0) {
            return null;
        }
        $interval = Interval::wilson($held, $pairs, Shares::LEVEL);

        return new Finding(
            'Was the order kept?',
            $held === $pairs
                ? sprintf('All %d steps went the right way.', $pairs)
                : sprintf(
                    '%d of %d steps went the right way, %s.',
                    $held,
                    $pairs,
                    FigureText::likelyShare($interval, $pairs),
                ),
            FindingUnit::Share,
            $held / $pairs,
            $interval,
            $pairs,
        );
    }
}
