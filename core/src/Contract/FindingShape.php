<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;

/** A finding as JSON, to be kept and to be shown. */
final class FindingShape
{
    /** @return array<string, mixed> ready for JSON */
    public static function toArray(string $kind, Finding $finding): array
    {
        return [
            'kind' => $kind,
            'question' => $finding->question,
            'sentence' => $finding->sentence,
            'unit' => $finding->unit->value,
            'value' => $finding->value,
            'interval' => $finding->interval?->toArray(),
            'n' => $finding->n,
            'first' => $finding->first === null ? null : self::row($finding->first),
            'rows' => array_map(self::row(...), $finding->rows),
            'is_score' => $finding->isScore,
        ];
    }

    /** The figure alone, as much as comparing takes, of one that was kept. */
    public static function figure(JsonInput $kept): Finding
    {
        $interval = $kept->numbersOrNone('interval');

        return new Finding(
            '',
            '',
            $kept->enum('unit', FindingUnit::class),
            $kept->numberOrNull('value'),
            count($interval) === 2 ? new Interval($interval[0], $interval[1]) : null,
            (int) $kept->number('n'),
        );
    }

    /** @return array<string, mixed> */
    private static function row(FindingRow $row): array
    {
        return [
            'name' => $row->name,
            'unit' => $row->unit->value,
            'value' => $row->value,
            'n' => $row->n,
            'interval' => $row->interval?->toArray(),
        ];
    }
}
