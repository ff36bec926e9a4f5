<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Change\Change;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;

/** What findings share that lay the leaves of one kind of ball beside those of another. */
final class LeaveByGroup
{
    /**
     * @param array<string, non-empty-list<FindingBall>> $groups by name
     *
     * @return Finding|null null with fewer than two groups that tell anything
     */
    public static function of(string $question, array $groups): ?Finding
    {
        $controls = array_filter(array_map(Leave::control(...), $groups));
        if (count($controls) < 2) {
            return null;
        }
        $rows = $parts = [];
        $n = 0;
        foreach ($controls as $name => $control) {
            $rows[] = Leave::row($name, $control);
            $n += $control->nMeasured + $control->nCutShort;
            if ($control->bias !== null) {
                $parts[] = sprintf(
                    '%s %s%s',
                    $name,
                    FigureText::ofLength($control->bias),
                    $control->spread === null ? '' : ' (spread ' . FigureText::percent($control->spread) . ')',
                );
            }
        }
        [$first, $last] = [array_values($controls)[0], array_values($controls)[count($controls) - 1]];
        $change =
            (float) $first->biasError <= 0.0 || (float) $last->biasError <= 0.0
                ? null
                : Change::ofEstimates(
                    (float) $first->bias,
                    (float) $first->biasError,
                    (float) $last->bias,
                    (float) $last->biasError,
                    max(1, $last->nMeasured),
                );
        $adverb = $change?->call()->adverb();
        $verdict = match (true) {
            $change === null => 'Not enough balls yet to compare them.',
            $adverb !== null => sprintf(
                '%s finishes %s %s than %s.',
                ucfirst(array_key_last($controls)),
                $adverb,
                $change->difference > 0.0 ? 'longer' : 'shorter',
                array_key_first($controls),
            ),
            default => 'No clear difference in length between the first and the last.',
        };

        return new Finding(
            $question,
            ucfirst(implode(', ', $parts)) . ($parts === [] ? '' : '. ') . $verdict,
            FindingUnit::Difference,
            $change?->difference,
            $change?->interval,
            $n,
            null,
            $rows,
        );
    }
}
