<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;

/** A measure's change from some sessions to others: one figure a session, never the balls of several days pooled. */
final class MeasureChange
{
    /**
     * @param class-string<ComparableMeasure> $measure
     *
     * @return PeriodChange|null null where a period has no session that tells the measure
     */
    public static function change(string $measure, BallSelection $earlier, BallSelection $later): ?PeriodChange
    {
        [$before, $after] = [self::figures($measure, $earlier), self::figures($measure, $later)];

        return $before === [] || $after === []
            ? null
            : PeriodChange::of(array_values($before), array_values($after), $measure::dayToDay());
    }

    /**
     * The latest third of the sessions that tell the measure (rounded, at least one) against the rest, of two at least.
     *
     * @param class-string<ComparableMeasure> $measure
     *
     * @return array{PeriodChange, int, int} the change, and the sessions before and after
     */
    public static function trend(string $measure, BallSelection $asked): array
    {
        $figures = array_values(self::figures($measure, $asked));
        $later = max(1, (int) round(count($figures) / 3));
        $earlier = count($figures) - $later;

        return [
            PeriodChange::of(array_slice($figures, 0, $earlier), array_slice($figures, $earlier), $measure::dayToDay()),
            $earlier,
            $later,
        ];
    }

    /**
     * @param class-string<ComparableMeasure> $measure
     *
     * @return array<string, SessionFigure> by session, oldest first
     */
    public static function figures(string $measure, BallSelection $asked): array
    {
        return array_filter(
            array_map(static fn(?SessionPoint $point): ?SessionFigure => $point?->figure, $asked->points($measure)),
        );
    }
}
