<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * How the ball laid at the aim of a breaking putt was met, by the way the putt curves: hard, just right, or short and
 * low.
 */
final class AimBall implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = array_values(
            array_filter(
                $asked->having('aim_ball')->balls(),
                static fn(RolledBall $ball): bool => $ball->ball->sight->word('aim_ball') !== null &&
                    $ball->ball->across->ratio() !== 0.0,
            ),
        );
        if ($balls === []) {
            return null;
        }
        $isGood = static fn(RolledBall $ball): bool => $ball->ball->sight->word('aim_ball') === 'good';
        $rows = $parts = [];
        foreach (LowSide::bySide($asked, $balls) as $side => $some) {
            $rows[] = Shares::row($side, $some, $isGood);
            $met = array_count_values(
                array_map(static fn(RolledBall $ball): string => (string) $ball->ball->sight->word('aim_ball'), $some),
            );
            $parts[] = sprintf(
                '%s: %d hard, %d just right, %d short and low',
                $side,
                $met['hard'] ?? 0,
                $met['good'] ?? 0,
                $met['soft'] ?? 0,
            );
        }
        $whole = Shares::row('', $balls, $isGood);

        return new Finding(
            'How is the aim ball met?',
            implode('. ', $parts) . '.',
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $whole->n,
            null,
            count($rows) < 2 ? [] : $rows,
        );
    }
}
