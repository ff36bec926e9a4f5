<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** Today's average leave against this student's usual one: the green, or the day. */
final class LeaveAgainstUsual implements FindingKind
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
        $n = $today->nMeasured + $today->nCutShort;
        $bounds = array_values(
            array_filter(array_map(static fn(FindingBall $ball) => $ball->putt()?->error, $run->balls)),
        );
        $day = StudentToday::of(
            array_slice($bounds, 0, StudentToday::MOST_BALLS),
            $run->usual?->bias,
            $run->usual?->spread,
        );
        $offset = $run->usual === null ? null : $day->offset(Today::DAY_TO_DAY);

        return new Finding(
            'Short, long or as usual today?',
            match (true) {
                $day->mean === null => 'Not enough balls were measured yet.',
                $offset === null => sprintf(
                    'Today %s, from %s. What is usual is not known yet.',
                    FigureText::ofLength($day->mean),
                    FigureText::counted($day->n, 'ball', 'balls'),
                ),
                $offset->isRemarkable() => sprintf(
                    'Today balls finish %s %s than usual.',
                    FigureText::percent(abs($offset->value)),
                    $offset->value > 0.0 ? 'longer' : 'shorter',
                ),
                default => sprintf(
                    'As usual, as far as %s can show on one day.',
                    FigureText::counted($day->n, 'ball', 'balls'),
                ),
            },
            FindingUnit::Difference,
            $offset?->value,
            $offset?->interval(Shares::LEVEL),
            $n,
            null,
            [
                Leave::row('Today', $today),
                ...$run->usual === null
                    ? []
                    : [
                        new FindingRow(
                            'Usually',
                            FindingUnit::OfLength,
                            $run->usual->bias->bias,
                            $run->usual->balls,
                            Interval::around(
                                $run->usual->bias->bias,
                                Normal::quantile(0.9) * $run->usual->bias->standardError,
                            ),
                        ),
                    ],
            ],
        );
    }
}
