<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;

/** What each backstroke rolled, and how repeatably. */
final class BackstrokeCurve implements FindingKind
{
    public static function label(): string
    {
        return 'Roll of each backstroke';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $groups = $run->by(
            static fn(FindingBall $ball): ?string => $ball->ball->backstroke === null || $ball->roll() === null
                ? null
                : sprintf('%.4f', $ball->ball->backstroke->metres()),
        );
        ksort($groups);
        $sets = [];
        foreach ($groups as $backstroke => $balls) {
            $sets['Backstroke ' . FigureText::metres((float) $backstroke)] = $balls;
        }
        $alike = RollConsistency::of($sets);
        if ($alike === null) {
            return null;
        }
        $means = array_filter($alike->rows, static fn(FindingRow $row): bool => str_ends_with($row->name, 'mean roll'));

        return new Finding(
            'How far does each backstroke roll?',
            implode(
                '; ',
                array_map(
                    static fn(FindingRow $row): string => sprintf(
                        '%s rolls %s',
                        str_replace(': mean roll', '', $row->name),
                        FigureText::metres((float) $row->value),
                    ),
                    $means,
                ),
            ) .
                ($alike->spread === null
                    ? '.'
                    : sprintf('. Rolls of one backstroke spread by %s.', FigureText::percent($alike->spread))),
            FindingUnit::Spread,
            $alike->spread,
            $alike->interval,
            $alike->n,
            null,
            array_values(
                array_filter(
                    $alike->rows,
                    static fn(FindingRow $row): bool => !str_ends_with($row->name, ': backstroke'),
                ),
            ),
        );
    }
}
