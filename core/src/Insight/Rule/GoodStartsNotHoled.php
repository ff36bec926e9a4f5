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
                seen: 'Starts are good, and the ball still does not drop.',
                evidence: sprintf('%d of %d good starts that were followed missed.', $missed, $row->n),
                cost: 0.5,
                sureness: min(1.0, $row->n / 20.0),
                stamp: (string) (int) round(5.0 * $row->value),
                try: 'Leave the start alone. Pace first, then the read.',
                otherWay: null,
                refutedBy: 'The same putt with its pace inside a tenth, dropping.',
            );
    }
}
