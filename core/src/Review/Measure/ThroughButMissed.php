<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Drill\AgainstHole;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * Good starts whose result was asked and that did not drop: these point to pace or read, not to the start. A gate
 * easier than the hole clears no start.
 */
final class ThroughButMissed implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $row = self::row($asked);
        if ($row === null || $row->n === 0) {
            return null;
        }
        $missed = $row->count();

        return new Finding(
            'Good start but missed?',
            sprintf(
                '%d of %d good starts did not drop%s.%s',
                $missed,
                $row->n,
                $row->interval === null ? '' : ', ' . FigureText::likelyShare($row->interval, $row->n),
                $missed === 0 ? '' : ' Check distance and read there, not the start line.',
            ),
            FindingUnit::Share,
            $row->value,
            $row->interval,
            $row->n,
        );
    }

    /** Null where no good start was followed to a hole. */
    public static function row(BallSelection $asked): ?FindingRow
    {
        $balls = array_values(
            array_filter(
                (new ForStartLine())->of($asked->balls),
                static fn(RolledBall $ball): bool => $ball->ball->sight->word('gate') === 'through' &&
                    HoledShare::hasDropped($ball) !== null &&
                    self::isCleared($ball),
            ),
        );

        return $balls === []
            ? null
            : Shares::row(
                'Did not drop',
                $balls,
                static fn(RolledBall $ball): bool => HoledShare::hasDropped($ball) === false,
            );
    }

    private static function isCleared(RolledBall $ball): bool
    {
        [$test, $target] = [$ball->startLineTest(), $ball->ball->target];

        return $test !== null &&
            $target !== null &&
            AgainstHole::of($test->halfAngle(), AgainstHole::holeHalfAngle($target)) !== AgainstHole::Wider;
    }
}
