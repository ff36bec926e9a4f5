<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Session\Observation\ObservationTypes;

/** Whether looks and rehearsals are as many before one ball as before the next: how well a routine is kept to. */
final class RoutineRegularity implements Measure
{
    private const KINDS = ['looks', 'rehearsals'];

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
        $count = static fn(RolledBall $ball): ?int => $ball->ball->sight->count($name);
        $counted = $asked->where(static fn(RolledBall $ball): bool => $count($ball) !== null)->balls;
        $numbers = array_count_values(array_map(static fn(RolledBall $ball): int => (int) $count($ball), $counted));
        ksort($numbers);
        arsort($numbers);
        $question = ObservationTypes::all()[$name]->question;

        return array_map(
            static fn(int $number): FindingRow => Shares::row(
                "$question $number",
                $counted,
                static fn(RolledBall $ball): bool => $count($ball) === $number,
            ),
            array_keys($numbers),
        );
    }
}
