<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChartedMeasure;

/**
 * The narrowest gate that was rolled at, and how many came through it: a level reached, so no change is called of it.
 */
final class GateWidth implements ChartedMeasure
{
    /** Widths closer than this are one, metres. */
    private const ALIKE = 0.0005;

    public static function of(BallSelection $asked): ?Finding
    {
        $gates = StartThrough::counts($asked, 'gates');
        if ($gates === []) {
            return null;
        }
        $width = min(array_map(floatval(...), array_keys($gates)));
        $narrowest = array_filter(
            $gates,
            static fn(string $its): bool => (float) $its - $width < self::ALIKE,
            ARRAY_FILTER_USE_KEY,
        );
        $through = Shares::counted(
            'Through',
            array_sum(array_column($narrowest, 'through')),
            array_sum(array_column($narrowest, 'n')),
        );

        return new Finding(
            'How narrow was the gate?',
            sprintf(
                'The narrowest was %s wide; %d of %d came through it.',
                FigureText::width($width),
                $through->count(),
                $through->n,
            ),
            FindingUnit::Width,
            $width,
            null,
            $through->n,
            null,
            [$through],
        );
    }
}
