<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/** Points a ball brought on average, apart from the running total. */
final class PointsPerBall implements FindingKind
{
    public static function label(): string
    {
        return 'Points a ball';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $points = $run->card->rules->points;
        if ($points === null || $run->balls === []) {
            return null;
        }
        $brought = [];
        foreach ($run->balls as $ball) {
            $brought[] = (float) $points->of(
                $ball->ball,
                $run->card->rules->context($ball->ball->target ?? $run->card->rules->stations[0]->length(), 0, null),
            );
        }
        $n = count($brought);
        $mean = Sample::mean($brought);
        $variance = Sample::variance($brought);
        $interval =
            $variance === null
                ? null
                : Interval::around($mean, StudentT::halfWidth(Shares::LEVEL, $n - 1) * sqrt($variance / $n));

        return new Finding(
            'How many points does a ball score?',
            sprintf(
                '%s from %s: %+.1f a ball%s.',
                FigureText::counted((int) array_sum($brought), 'point', 'points'),
                FigureText::counted($n, 'ball', 'balls'),
                $mean,
                $interval === null ? '' : sprintf(', likely %+.1f to %+.1f', $interval->low, $interval->high),
            ),
            FindingUnit::Number,
            $mean,
            $interval,
            $n,
            isScore: true,
        );
    }
}
