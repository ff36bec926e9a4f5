<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\Disturbance;

/**
 * Balls rolled while something went on around them, beside the others: told, and never a reason to leave a ball out.
 */
final class DisturbedBalls implements Measure
{
    private const WORDS = [
        'filmed' => 'filmed',
        'watched' => 'watched',
        'players' => 'others on the green',
        'chatter' => 'chatter',
        'wind' => 'wind',
        'insects' => 'insects',
    ];

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = $parts = [];
        $noted = BallCounts::of($asked)->disturbances;
        foreach (Disturbance::cases() as $disturbance) {
            if (!isset($noted[$disturbance->value])) {
                continue;
            }
            $pair = self::pair($asked, $disturbance);
            if ($pair !== null) {
                [$with, $without] = $pair;
                $rows = [...$rows, ...$pair];
                $parts[] = sprintf(
                    'With %s %d of %d within 10 %%, otherwise %d of %d: %s.',
                    self::WORDS[$disturbance->value],
                    $with->count(),
                    $with->n,
                    $without->count(),
                    $without->n,
                    Shares::apart($with, $without)->contains(0.0) ? 'no clear difference' : 'a clear difference',
                );
            }
        }

        return $rows === []
            ? null
            : Finding::ofRows(
                'Disturbances',
                implode(' ', $parts) . ' All of them stay in the figures.',
                FindingUnit::Share,
                $rows,
            );
    }

    /** @return array{FindingRow, FindingRow}|null with and without; null where a side is empty */
    private static function pair(BallSelection $asked, Disturbance $disturbance): ?array
    {
        $side = static fn(bool $is): array => array_filter(
            Pace::putts($asked),
            static fn(PacePutt $putt): bool => in_array($disturbance->value, $putt->disturbances, true) === $is,
        );
        [$with, $without] = [
            Pace::inside(ucfirst(self::WORDS[$disturbance->value]), Pace::controlOf($side(true))),
            Pace::inside('Without', Pace::controlOf($side(false))),
        ];

        return $with === null || $without === null ? null : [$with, $without];
    }
}
