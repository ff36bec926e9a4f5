<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Numeric\Sample;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;

/** How long strokes take back and through as a sensor timed them, seconds; no tempo is called better than another. */
final class StrokeTimes implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $times = [];
        foreach (['back_s', 'through_s'] as $name) {
            foreach ($balls->having($name)->balls() as $ball) {
                $times[$name][] = (float) $ball->ball->sight->number($name);
            }
        }

        return $times;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = array_values(
            array_filter([self::row('Back', 'back_s', $asked), self::row('To the ball', 'through_s', $asked)]),
        );
        if ($rows === []) {
            return null;
        }

        return Finding::ofRows(
            'How long does the stroke take?',
            implode(
                ', ',
                array_map(
                    static fn(FindingRow $row): string => sprintf(
                        '%s %.2f s',
                        $row === $rows[0] ? $row->name : lcfirst($row->name),
                        (float) $row->value,
                    ),
                    $rows,
                ),
            ) . sprintf('; %s', self::spread($asked)),
            FindingUnit::Number,
            $rows,
        );
    }

    private static function row(string $name, string $seen, BallSelection $asked): ?FindingRow
    {
        $times = self::times($seen, $asked);

        return $times === [] ? null : Means::row($name, FindingUnit::Number, $times);
    }

    private static function spread(BallSelection $asked): string
    {
        $times = self::times('back_s', $asked) ?: self::times('through_s', $asked);
        $variance = $times === [] ? null : Sample::variance($times);

        return $variance === null
            ? 'from one ball.'
            : sprintf('two in three within %.2f s of that, from %d.', sqrt($variance), count($times));
    }

    /** @return list<float> */
    private static function times(string $seen, BallSelection $asked): array
    {
        /** @var array<string, list<float>> $times */
        $times = $asked->prepared(self::class);

        return $times[$seen] ?? [];
    }
}
