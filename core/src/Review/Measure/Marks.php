<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\BallMark;

/** Balls a coach marked, counted: they are left out of the technical figures, never out of the record. */
final class Marks implements Measure
{
    private const WORDS = [
        'mishit' => 'mishit',
        'bumps' => 'bumped off its roll',
        'distraction' => 'distracted',
        'doubt' => 'not committed',
    ];

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = [];
        $marked = $asked->where(static fn(RolledBall $ball): bool => $ball->ball->remarks->mark !== null);
        foreach ($marked->balls === [] ? [] : BallMark::cases() as $mark) {
            $row = Shares::row(
                ucfirst(self::WORDS[$mark->value]),
                $asked->balls,
                static fn(RolledBall $ball): bool => $ball->ball->remarks->mark === $mark,
            );
            if ((float) $row->value > 0.0) {
                $rows[] = $row;
            }
        }
        $parts = array_map(static fn($row): string => $row->count() . ' ' . lcfirst($row->name), $rows);

        return $rows === []
            ? null
            : Finding::ofRows(
                'Balls marked',
                sprintf(
                    'Of %d balls: %s. They are left out of the figures above.',
                    count($asked->balls),
                    implode(', ', $parts),
                ),
                FindingUnit::Share,
                $rows,
                count($asked->balls),
            );
    }
}
