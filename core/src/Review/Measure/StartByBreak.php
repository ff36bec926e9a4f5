<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Student\Hand;

/** How many starts on breaking putts are pushed, by the side they break to: the feet give way to the slope. */
final class StartByBreak implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $starts = [];
        $selection = new ForStartLine();
        foreach ($balls->balls() as $ball) {
            $across = $ball->ball->across->ratio();
            if ($across !== 0.0 && in_array($selection->leavesOut($ball), [null, ExcludedBalls::ByEye], true)) {
                $curves = LowSide::curves($ball);
                $starts[$curves] ??= ['n' => 0, 'left' => 0, 'right' => 0];
                ++$starts[$curves]['n'];
                $side = StartLines::side($ball);
                if ($side !== null) {
                    ++$starts[$curves][$side->value];
                }
            }
        }

        return $starts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array<'left'|'right', array{n: int, left: int, right: int}> $starts by the way the putt curves */
        $starts = $asked->prepared(self::class);
        if ($starts === []) {
            return null;
        }
        // Away from the feet is a push: to the right for a right-hander.
        [$push, $pull] = $asked->hand === Hand::Right ? ['right', 'left'] : ['left', 'right'];
        $whole = Shares::counted('', array_sum(array_column($starts, $push)), array_sum(array_column($starts, 'n')));
        $rows = [];
        foreach ($starts as $curves => $some) {
            $rows[] = Shares::counted(LowSide::curving($curves, $asked->hand), $some[$push], $some['n']);
        }

        return new Finding(
            'Are breaking putts pushed?',
            sprintf(
                '%d of %d starts on breaking putts were pushed, %d pulled%s.',
                $whole->count(),
                $whole->n,
                array_sum(array_column($starts, $pull)),
                $whole->interval === null ? '' : '; pushed ' . FigureText::likelyShare($whole->interval, $whole->n),
            ),
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $whole->n,
            null,
            $rows,
        );
    }
}
