<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Review\Measure\ThroughButMissed;

/** Good starts, past a gate as hard as the hole, that mostly do not drop: pace or read. */
final class GoodStartsNotHoled implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $row = $facts->lately === null ? null : ThroughButMissed::row($facts->lately);
        if ($row?->value === null) {
            return null;
        }
        $missed = $row->count();

        return !Significance::shareAbove($missed, $row->n)
            ? null
            : new Insight(
                key: 'start.through_missed',
                seen: 'Putts start on line and still miss.',
                evidence: sprintf('%d of %d putts with a good start missed.', $missed, $row->n),
                cost: 0.5,
                sureness: min(1.0, $row->n / 20.0),
                stamp: (string) (int) round(5.0 * $row->value),
                try: 'Leave the start line alone. Work on distance first, then on the read.',
                otherWay: null,
                refutedBy: 'The same putt within 10 % of its distance, and holed.',
            );
    }
}
