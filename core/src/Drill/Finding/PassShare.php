<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** How many passed. */
final class PassShare implements FindingKind
{
    public static function label(): string
    {
        return 'How many passed';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $passes = static fn(FindingBall $ball): bool => $ball->hasPassed();
        $judged = $run->judged();
        $n = count($judged);
        if ($n === 0) {
            return null;
        }
        $first = FindingBalls::judgedOf($run->firstTries());
        $hits = count(array_filter($judged, $passes));
        $interval = Interval::wilson($hits, $n, Shares::LEVEL);
        $rows = [];
        foreach ($run->byStation() as $name => $balls) {
            $rows[] = Shares::row($name, FindingBalls::judgedOf($balls), $passes);
        }

        return new Finding(
            'How many passed?',
            sprintf('%d of %d passed, %s.', $hits, $n, FigureText::likelyShare($interval, $n)),
            FindingUnit::Share,
            $hits / $n,
            $interval,
            $n,
            $first === [] ? null : Shares::row('First attempts', $first, $passes),
            count($rows) > 1 ? $rows : [],
            isScore: true,
        );
    }
}
