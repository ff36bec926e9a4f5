<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Session\Cause;

/** The causes a coach gave to misses, counted; those without one are told as such and not guessed. */
final class Causes implements Measure, Prepares
{
    private const WORDS = [
        'strike' => 'strike',
        'luck' => 'luck or surface',
        'start_line' => 'start line',
        'pace' => 'distance',
        'read' => 'read',
        'unknown' => 'not known',
    ];

    public static function prepare(BallSelection $balls): array
    {
        $counts = [];
        foreach ($balls->balls() as $ball) {
            $cause = $ball->ball->remarks->cause?->value;
            if ($cause !== null) {
                $counts[$cause] = ($counts[$cause] ?? 0) + 1;
            }
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array<string, positive-int> $counts */
        $counts = $asked->prepared(self::class);
        if ($counts === []) {
            return null;
        }
        $given = array_sum($counts);
        $rows = [];
        foreach (Cause::cases() as $cause) {
            if (isset($counts[$cause->value])) {
                $rows[] = Shares::counted(ucfirst(self::WORDS[$cause->value]), $counts[$cause->value], $given);
            }
        }
        usort($rows, static fn($a, $b): int => $b->value <=> $a->value);
        $parts = array_map(static fn($row): string => $row->count() . ' ' . lcfirst($row->name), $rows);

        return Finding::ofRows(
            'Causes given',
            sprintf('Of %d misses with a cause: %s.', $given, implode(', ', $parts)),
            FindingUnit::Share,
            $rows,
            $given,
        );
    }
}
