<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\Change;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\SessionPart;

/**
 * What was rolled before anything was said, against what was rolled when it was tried again: pace, side and holes, and
 * what so few balls allow to conclude (maths.md 8).
 */
final class SessionPartsCompared implements Measure
{
    /** Fewer balls in either part are a handful, and it is said. */
    private const HANDFUL = 20;

    public static function of(BallSelection $asked): ?Finding
    {
        $session = self::latestWithBoth($asked);
        if ($session === null) {
            return null;
        }
        [$then, $now] = [self::part($session, SessionPart::Baseline), self::part($session, SessionPart::Retest)];
        [$rows, $apart, $words] = self::holes($then, $now);
        $fewest = min($then->count(), $now->count());

        return new Finding(
            'Baseline and re-test',
            implode(
                ' ',
                array_filter([
                    self::pace($then, $now),
                    $words,
                    self::low($then, $now),
                    $fewest < self::HANDFUL
                        ? sprintf('That is %d balls and %d balls: so few prove little.', $now->count(), $then->count())
                        : '',
                ]),
            ),
            FindingUnit::Difference,
            $rows === [] ? null : (float) $rows[1]->value - (float) $rows[0]->value,
            $apart,
            $then->count() + $now->count(),
            null,
            [
                ...$rows,
                ...array_filter([
                    Pace::inside('Baseline, inside', Pace::control($then)),
                    Pace::inside('Re-test, inside', Pace::control($now)),
                ]),
            ],
        );
    }

    /**
     * Of balls at a hole, or that somebody saw drop or not.
     *
     * @return array{array{}|array{FindingRow, FindingRow}, Interval|null, string} then and now, how far apart, and in
     *     words; empty where nobody looked
     */
    private static function holes(BallSelection $then, BallSelection $now): array
    {
        $told = static fn(BallSelection $asked): array => array_values(
            array_filter(
                $asked->balls(),
                static fn(RolledBall $ball): bool => $ball->isAtHole || $ball->ball->hasDropped() !== null,
            ),
        );
        $dropped = static fn(RolledBall $ball): bool => $ball->ball->hasDropped() === true;
        [$before, $after] = [
            Shares::row('Baseline, holed', $told($then), $dropped),
            Shares::row('Re-test, holed', $told($now), $dropped),
        ];
        if ($before->n === 0 || $after->n === 0) {
            return [[], null, ''];
        }
        $apart = Shares::apart($after, $before);

        return [
            [$before, $after],
            $apart,
            sprintf(
                'Holed %d of %d, then %d of %d: %s.',
                $before->count(),
                $before->n,
                $after->count(),
                $after->n,
                Change::ofShares($before->count(), $before->n, $after->count(), $after->n)->inWords('more', 'fewer'),
            ),
        ];
    }

    /** The latest session with balls of both parts: balls of different days are never held against each other. */
    private static function latestWithBoth(BallSelection $asked): ?BallSelection
    {
        foreach (array_reverse($asked->bySession()) as $session) {
            $parts = BallCounts::of($session)->parts;
            if (isset($parts[SessionPart::Baseline->value], $parts[SessionPart::Retest->value])) {
                return $session;
            }
        }

        return null;
    }

    private static function part(BallSelection $asked, SessionPart $part): BallSelection
    {
        return $asked->where(static fn(RolledBall $ball): bool => $ball->during->part === $part);
    }

    private static function pace(BallSelection $then, BallSelection $now): string
    {
        $average = Pace::averageOfOneDay($then, $now);
        [$before, $after] = [Pace::control($then), Pace::control($now)];

        return $before?->bias === null || $after?->bias === null
            ? ''
            : sprintf(
                'On average %s, then %s: %s.',
                FigureText::ofLength($before->bias),
                FigureText::ofLength($after->bias),
                $average?->inWords(...PaceAverage::words()) ?? 'not enough balls yet',
            );
    }

    private static function low(BallSelection $then, BallSelection $now): string
    {
        [$before, $after] = [LowSide::misses($then), LowSide::misses($now)];

        return $before === [] || $after === []
            ? ''
            : sprintf(
                'Low side %d of %d misses, then %d of %d.',
                count(array_filter($before, LowSide::isLow(...))),
                count($before),
                count(array_filter($after, LowSide::isLow(...))),
                count($after),
            );
    }
}
