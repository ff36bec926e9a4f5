<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\Cause;

/** The causes a coach gave to misses, counted; those without one are told as such and not guessed. */
final class Causes implements Measure
{
    private const WORDS = [
        'strike' => 'strike',
        'luck' => 'luck or surface',
        'start_line' => 'start line',
        'pace' => 'distance',
        'read' => 'read',
        'unknown' => 'not known',
    ];

    public static function of(BallSelection $asked): ?Finding
    {
        $given = array_values(
            array_filter($asked->balls, static fn(RolledBall $ball): bool => $ball->ball->remarks->cause !== null),
        );
        if ($given === []) {
            return null;
        }
        $rows = [];
        foreach (Cause::cases() as $cause) {
            $row = Shares::row(
                ucfirst(self::WORDS[$cause->value]),
                $given,
                static fn(RolledBall $ball): bool => $ball->ball->remarks->cause === $cause,
            );
            if ((float) $row->value > 0.0) {
                $rows[] = $row;
            }
        }
        usort($rows, static fn($a, $b): int => $b->value <=> $a->value);
        $parts = array_map(static fn($row): string => $row->count() . ' ' . lcfirst($row->name), $rows);

        return Finding::ofRows(
            'Causes given',
            sprintf('Of %d misses with a cause: %s.', count($given), implode(', ', $parts)),
            FindingUnit::Share,
            $rows,
            count($given),
        );
    }
}
