<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Session\Observation\ObservationTypes;

/** Whether looks and rehearsals are as many before one ball as before the next: how well a routine is kept to. */
final class RoutineRegularity implements Measure, Prepares
{
    private const KINDS = ['looks', 'rehearsals'];

    public static function prepare(BallSelection $balls): array
    {
        $counts = [];
        foreach (self::KINDS as $kind) {
            foreach ($balls->having($kind)->balls() as $ball) {
                $number = '=' . $ball->ball->sight->count($kind);
                $counts[$kind][$number] = ($counts[$kind][$number] ?? 0) + 1;
            }
        }

        return $counts;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        $rows = $parts = [];
        foreach (self::KINDS as $name) {
            $counted = self::rows($asked, $name);
            if ($counted !== []) {
                $rows = [...$rows, ...$counted];
                $most = $counted[0];
                $parts[] = sprintf('%s before %d of %d', $most->name, $most->count(), $most->n);
            }
        }

        return $rows === []
            ? null
            : Finding::ofRows(
                'Is the routine the same each time?',
                implode('; ', $parts) . '.',
                FindingUnit::Share,
                $rows,
            );
    }

    /** @return list<FindingRow> how many balls had each number, the commonest first, of equals the smaller */
    private static function rows(BallSelection $asked, string $name): array
    {
        /** @var array<string, array<string, int>> $counts */
        $counts = $asked->prepared(self::class);
        $numbers = [];
        foreach ($counts[$name] ?? [] as $number => $n) {
            $numbers[(int) substr($number, 1)] = $n;
        }
        ksort($numbers);
        arsort($numbers);
        $question = ObservationTypes::all()[$name]->question;

        return array_map(
            static fn(int $number, int $n): FindingRow => Shares::counted("$question $number", $n, array_sum($numbers)),
            array_keys($numbers),
            array_values($numbers),
        );
    }
}
