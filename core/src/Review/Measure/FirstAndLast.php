<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\Change;
use Amble\Core\Change\Comparison;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * The first balls of these against the last, at the lengths that both have; a change is called only by maths.md 8.1,
 * and of one session alone.
 */
final class FirstAndLast implements Measure
{
    /** A part with fewer balls says nothing. */
    private const FEWEST = 4;

    public static function of(BallSelection $asked): ?Finding
    {
        // Balls of different days are never held against each other ball by ball.
        if (count($asked->bySession()) > 1) {
            return null;
        }
        [$first, $last] = self::parts($asked);
        [$then, $now] = [Pace::control($first), Pace::control($last)];
        if (
            $then?->spread === null ||
            $now?->spread === null ||
            $then->spread <= 0.0 ||
            min($then->nMeasured, $now->nMeasured) < self::FEWEST
        ) {
            return null;
        }
        $spread =
            $now->spread <= 0.0
                ? null
                : Change::ofSpread($then->spread, $then->nMeasured, $now->spread, $now->nMeasured);
        $average = Pace::averageOfOneDay($first, $last);

        return new Finding(
            'First and last balls',
            sprintf(
                'Spread %s, then %s: %s. On average %s, then %s: %s.',
                FigureText::percent($then->spread),
                FigureText::percent($now->spread),
                self::verdict($spread, 'smaller', 'larger'),
                FigureText::ofLength((float) $then->bias),
                FigureText::ofLength((float) $now->bias),
                self::verdict($average, 'longer', 'shorter'),
            ),
            FindingUnit::Difference,
            $average?->difference,
            $average?->interval,
            $then->nMeasured + $now->nMeasured,
            null,
            [
                new FindingRow(
                    'First balls, spread',
                    FindingUnit::Spread,
                    $then->spread,
                    $then->nMeasured,
                    $then->spreadInterval,
                ),
                new FindingRow(
                    'Last balls, spread',
                    FindingUnit::Spread,
                    $now->spread,
                    $now->nMeasured,
                    $now->spreadInterval,
                ),
                new FindingRow(
                    'First balls, average',
                    FindingUnit::OfLength,
                    $then->bias,
                    $then->nMeasured,
                    $then->biasInterval,
                ),
                new FindingRow(
                    'Last balls, average',
                    FindingUnit::OfLength,
                    $now->bias,
                    $now->nMeasured,
                    $now->biasInterval,
                ),
            ],
        );
    }

    /** What may be concluded; a comparison's difference is positive for what the first word says. */
    private static function verdict(?Comparison $change, string $more, string $less): string
    {
        return $change?->inWords($more, $less) ?? 'not enough balls yet';
    }

    /**
     * @return array{BallSelection, BallSelection} the earlier and the later half at each length, so that lengths are
     *     alike in both
     */
    private static function parts(BallSelection $asked): array
    {
        $first = $last = [];
        foreach ($asked->with((new ForDistance($asked->surface))->of($asked->balls()))->byLength() as [, $some]) {
            $half = intdiv(count($some->balls()), 2);
            $first = [...$first, ...array_slice($some->balls(), 0, $half)];
            $last = [...$last, ...$half === 0 ? [] : array_slice($some->balls(), -$half)];
        }
        $inOrder = static fn(RolledBall $a, RolledBall $b): int => $a->atMilliseconds <=> $b->atMilliseconds;
        usort($first, $inOrder);
        usort($last, $inOrder);

        return [$asked->with($first), $asked->with($last)];
    }
}
