<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Direction\Side;
use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Student\Hand;

/** How many starts on breaking putts are pushed, by the side they break to: the feet give way to the slope. */
final class StartByBreak implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = array_values(
            array_filter(
                $asked->balls,
                static fn(RolledBall $ball): bool => $ball->ball->across->ratio() !== 0.0 &&
                    in_array((new ForStartLine())->leavesOut($ball), [null, ExcludedBalls::ByEye], true),
            ),
        );
        if ($balls === []) {
            return null;
        }
        // Away from the feet is a push: to the right for a right-hander.
        $push = $asked->hand === Hand::Right ? Side::Right : Side::Left;
        $isPushed = static fn(RolledBall $ball): bool => StartLines::side($ball) === $push;
        $whole = Shares::row('', $balls, $isPushed);
        $rows = [];
        foreach (LowSide::bySide($asked, $balls) as $name => $some) {
            $rows[] = Shares::row($name, $some, $isPushed);
        }

        return new Finding(
            'Are breaking putts pushed?',
            sprintf(
                '%d of %d starts on breaking putts were pushed, %d pulled%s.',
                $whole->count(),
                $whole->n,
                count(
                    array_filter(
                        $balls,
                        static fn(RolledBall $ball): bool => !in_array(StartLines::side($ball), [$push, null], true),
                    ),
                ),
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
