<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;

/** Balls of one set against each other, whatever the target: longest minus shortest, mean, spread. */
final class BallCluster implements FindingKind
{
    public static function label(): string
    {
        return 'How close balls of a set finish';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $sets = [];
        foreach ($run->by(static fn(FindingBall $ball): string => (string) $ball->judged->station) as $balls) {
            $sets['Set ' . (count($sets) + 1)] = $balls;
        }
        $alike = RollConsistency::of($sets);
        if ($alike === null) {
            return null;
        }
        $ranges = array_values(
            array_filter(
                $alike->rows,
                static fn(FindingRow $row): bool => str_ends_with($row->name, 'longest minus shortest'),
            ),
        );

        return new Finding(
            'How close do they finish?',
            $alike->spread === null || $ranges === []
                ? 'One ball a set so far: nothing to compare with.'
                : sprintf(
                    'Longest minus shortest %s; within a set they spread by %s of their roll%s.',
                    implode(
                        ', ',
                        array_map(
                            static fn(FindingRow $row): string => FigureText::metres((float) $row->value),
                            $ranges,
                        ),
                    ),
                    FigureText::percent($alike->spread),
                    $alike->interval === null
                        ? ''
                        : sprintf(
                            ', likely %s to %s',
                            FigureText::percent($alike->interval->low),
                            FigureText::percent($alike->interval->high),
                        ),
                ),
            FindingUnit::Spread,
            $alike->spread,
            $alike->interval,
            $alike->n,
            null,
            $alike->rows,
        );
    }
}
