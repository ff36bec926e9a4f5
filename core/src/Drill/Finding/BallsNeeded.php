<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Drill\Phase;
use Amble\Core\Drill\StationTally;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;

/** How many balls and how many new beginnings it took. */
final class BallsNeeded implements FindingKind
{
    public static function label(): string
    {
        return 'Balls and restarts';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $state = $run->state;
        if ($state->balls === 0) {
            return null;
        }
        $misses = array_map(static fn(StationTally $tally): int => $tally->balls - $tally->passes, $state->stations);
        $most = max(0, ...$misses);
        $where = (int) array_search($most, $misses, true);

        return new Finding(
            'How many balls did it take?',
            sprintf(
                '%s, %s, %s%s.',
                match ($state->phase) {
                    Phase::Done => 'Done',
                    Phase::Capped => 'Stopped at the ball limit',
                    Phase::Stopped => 'Ended before its goal',
                    default => 'Not finished',
                },
                FigureText::counted($state->balls, 'ball', 'balls'),
                $state->restarts === 0 ? 'no restart' : FigureText::counted($state->restarts, 'restart', 'restarts'),
                $most === 0 || count($misses) === 1 ? '' : ', most misses at ' . $run->stationName($where),
            ),
            FindingUnit::Number,
            (float) $state->balls,
            null,
            $state->balls,
            isScore: true,
        );
    }
}
