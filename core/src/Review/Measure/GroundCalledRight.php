<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * How often the ground was told right, by the way it was told: with the feet, by picturing water, by looking. Only
 * where the ground is known.
 */
final class GroundCalledRight implements Measure
{
    private const WAYS = [
        'higher_foot' => 'With the feet',
        'water' => 'By picturing water',
        'read_grade' => 'Up or down, by looking',
    ];

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = $parts = [];
        $right = $n = 0;
        foreach (self::WAYS as $name => $way) {
            $balls = array_values(
                array_filter(
                    $asked->having($name)->balls(),
                    static fn(RolledBall $ball): bool => self::isRight($name, $ball) !== null,
                ),
            );
            if ($balls !== []) {
                $rows[] = $row = Shares::row(
                    $way,
                    $balls,
                    static fn(RolledBall $ball): bool => self::isRight($name, $ball) === true,
                );
                $parts[] = sprintf(
                    '%s %d of %d%s',
                    $way,
                    $row->count(),
                    $row->n,
                    $row->interval === null ? '' : ', ' . FigureText::likelyShare($row->interval, $row->n),
                );
                [$right, $n] = [$right + $row->count(), $n + $row->n];
            }
        }
        if ($n === 0) {
            return null;
        }

        return new Finding(
            'Is the slope judged right?',
            'Judged right: ' . lcfirst(implode('; ', $parts)) . '.',
            FindingUnit::Share,
            $right / $n,
            Interval::wilson($right, $n, Shares::LEVEL),
            $n,
            null,
            count($rows) < 2 ? [] : $rows,
        );
    }

    /** Null where it was not told this way, or the ground it was told of is not known. */
    private static function isRight(string $name, RolledBall $ball): ?bool
    {
        $told = $ball->ball->sight->word($name);
        // Ground that rises to the right has its low side on the left.
        [$across, $along] = [$ball->ball->across->ratio() <=> 0.0, $ball->ball->grade->ratio() <=> 0.0];

        return match (true) {
            $told === null => null,
            $name === 'higher_foot' => $across === 0 ? null : $told === ($across > 0 ? 'right' : 'left'),
            $name === 'read_grade' => $along === 0 ? null : $told === ($along > 0 ? 'up' : 'down'),
            $across === 0 && $along === 0 => null,
            default => in_array(
                $told,
                [[1 => 'left', 0 => '', -1 => 'right'][$across], [1 => 'back', 0 => '', -1 => 'on'][$along]],
                true,
            ),
        };
    }
}
