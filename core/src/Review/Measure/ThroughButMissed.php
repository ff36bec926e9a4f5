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
use Amble\Core\Review\Prepares;

/**
 * Good starts whose result was asked and that did not drop: these point to pace or read, not to the start. A gate
 * easier than the hole clears no start.
 */
final class ThroughButMissed implements Measure, Prepares
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

    public static function prepare(BallSelection $balls): array
    {
        $counts = ['n' => 0, 'missed' => 0];
        foreach ((new ForStartLine())->of($balls->balls()) as $ball) {
            $hasDropped = HoledShare::hasDropped($ball);
            if ($ball->ball->sight->word('gate') === 'through' && $hasDropped !== null && self::isCleared($ball)) {
                ++$counts['n'];
                $counts['missed'] += (int) !$hasDropped;
            }
        }

        return $counts;
    }

    /** Null where no good start was followed to a hole. */
    public static function row(BallSelection $asked): ?FindingRow
    {
        /** @var array{n?: int, missed?: int} $counts */
        $counts = $asked->prepared(self::class);
        $n = $counts['n'] ?? 0;

        return $n === 0 ? null : Shares::counted('Did not drop', $counts['missed'] ?? 0, $n);
    }

    private static function isCleared(RolledBall $ball): bool
    {
        [$test, $target] = [$ball->startLineTest(), $ball->ball->target];

        return $test !== null &&
            $target !== null &&
            AgainstHole::of($test->halfAngle(), AgainstHole::holeHalfAngle($target)) !== AgainstHole::Wider;
    }
}
