<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Session\BallMark;

/** Balls a coach marked, counted: they are left out of the technical figures, never out of the record. */
final class Marks implements Measure, Prepares
{
    private const WORDS = [
        'mishit' => 'mishit',
        'bumps' => 'bumped off its roll',
        'distraction' => 'distracted',
        'doubt' => 'not committed',
    ];

    public static function prepare(BallSelection $balls): array
    {
        $counts = [];
        foreach ($balls->balls() as $ball) {
            $mark = $ball->ball->remarks->mark?->value;
            if ($mark !== null) {
                $counts[$mark] = ($counts[$mark] ?? 0) + 1;
            }
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array<string, positive-int> $counts */
        $counts = $asked->prepared(self::class);
        $rows = [];
        foreach (BallMark::cases() as $mark) {
            if (isset($counts[$mark->value])) {
                $rows[] = Shares::counted(ucfirst(self::WORDS[$mark->value]), $counts[$mark->value], $asked->count());
            }
        }
        $parts = array_map(static fn($row): string => $row->count() . ' ' . lcfirst($row->name), $rows);

        return $rows === []
            ? null
            : Finding::ofRows(
                'Balls marked',
                sprintf(
                    'Of %d balls: %s. They are left out of the figures above.',
                    $asked->count(),
                    implode(', ', $parts),
                ),
                FindingUnit::Share,
                $rows,
                $asked->count(),
            );
    }
}
