<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Drill\Finding\FindingRow;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure;
use Amble\Core\Numeric\Sample;

/** How far off calls are by the way the putt was read: from few places or several, by a line or a spot. */
final class ReadsByWay implements Measure
{
    /** From here on it was read from several places. */
    private const SEVERAL = 3;

    public static function of(Asked $asked): ?Finding
    {
        $ways = $all = [];
        foreach (ReadError::told($asked) as $told) {
            foreach ($told as [$called, $real, , $ball]) {
                foreach (self::ways($ball) as $way) {
                    $ways[$way][] = abs($called - $real);
                    $all[$ball->id] = abs($called - $real);
                }
            }
        }
        if (count($ways) < 2 || $all === []) {
            return null;
        }
        ksort($ways);
        $rows = array_map(static fn(string $way, array $off): FindingRow => Means::row($way, FindingUnit::Metres, $off), array_keys($ways), array_values($ways));

        return new Finding(
            'Which way of reading comes closest?',
            implode('; ', array_map(static fn(FindingRow $row): string => sprintf('%s, %s off', $row->name, Say::metres((float) $row->value)), $rows)) . '.',
            FindingUnit::Metres,
            Sample::mean(array_values($all)),
            null,
            count($all),
            null,
            $rows,
        );
    }

    /** @return list<string> */
    private static function ways(RolledBall $ball): array
    {
        $views = $ball->ball->sight->number('views_taken');

        return array_values(array_filter([
            $views === null ? null : ($views >= self::SEVERAL ? 'Read from three places or more' : 'Read from one or two places'),
            match ($ball->ball->sight->word('aim_by')) {
                'line' => 'Aimed by a line',
                'spot' => 'Aimed by a spot',
                default => null,
            },
        ]));
    }
}
