<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * How far off calls are by the way the putt was read: from near or far, from few places or several, by a line or a
 * spot.
 */
final class ReadErrorByMethod implements Measure
{
    /** From here on it was read from several places. */
    private const SEVERAL = 3;

    public static function of(BallSelection $asked): ?Finding
    {
        $ways = $all = [];
        $sides = ReadError::calledAndReal($asked);
        $far = self::middle(array_merge(...array_values($sides)));
        foreach ($sides as $told) {
            foreach ($told as [$called, $real, , $read]) {
                $its = self::ways($read, $far);
                foreach ($its as $way) {
                    $ways[$way][] = abs($called - $real);
                }
                if ($its !== []) {
                    $all[] = abs($called - $real);
                }
            }
        }
        if (count($ways) < 2 || $all === []) {
            return null;
        }
        ksort($ways);
        $rows = array_map(
            static fn(string $way, array $off): FindingRow => Means::row($way, FindingUnit::Metres, $off),
            array_keys($ways),
            array_values($ways),
        );

        return new Finding(
            'Which way of reading is most accurate?',
            implode(
                '; ',
                array_map(
                    static fn(FindingRow $row): string => sprintf(
                        '%s, %s off',
                        $row->name,
                        FigureText::metres((float) $row->value),
                    ),
                    $rows,
                ),
            ) . '.',
            FindingUnit::Metres,
            Sample::mean($all),
            null,
            count($all),
            null,
            $rows,
        );
    }

    /**
     * The middle of the distances from which these were read: what is near and what is far is the student's own. Null
     * where all were read from one place.
     *
     * @param list<array{float, float, float, CalledRead}> $told
     */
    private static function middle(array $told): ?float
    {
        $from = array_values(
            array_filter(array_map(static fn(array $one): ?float => $one[3]->readFrom, $told), is_float(...)),
        );

        return $from === [] || min($from) === max($from) ? null : 0.5 * (min($from) + max($from));
    }

    /**
     * @param float|null $far metres behind the ball from which on it was read from afar; null where nobody read near
     *     and far
     *
     * @return list<string>
     */
    private static function ways(CalledRead $read, ?float $far): array
    {
        [$from, $views] = [$read->readFrom, $read->views];

        return array_values(
            array_filter([
                $from === null || $far === null
                    ? null
                    : sprintf(
                        $from < $far ? 'Read from nearer than %s' : 'Read from %s behind or further',
                        FigureText::metres($far),
                    ),
                $views === null
                    ? null
                    : ($views >= self::SEVERAL
                        ? 'Read from three places or more'
                        : 'Read from one or two places'),
                match ($read->aimBy) {
                    'line' => 'Aimed by a line',
                    'spot' => 'Aimed by a spot',
                    default => null,
                },
            ]),
        );
    }
}
