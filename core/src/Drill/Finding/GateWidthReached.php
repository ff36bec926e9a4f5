<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;

/** The width a stepping drill came to. */
final class GateWidthReached implements FindingKind
{
    public static function label(): string
    {
        return 'Narrowest gate held';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        $steps = $run->card->rules->steps;
        $width = $run->state->step;
        if ($steps === null || $width === null || $run->balls === []) {
            return null;
        }
        $place = 0;
        foreach ($steps->widths as $i => $each) {
            $place = abs($each->metres() - $width) < 1e-9 ? $i : $place;
        }
        $held = $place === 0 ? null : $steps->widths[$place - 1]->metres();

        return new Finding(
            'How narrow can the gate be?',
            sprintf(
                'It ended at %s, step %d of %d. %s',
                FigureText::metres($width),
                $place + 1,
                count($steps->widths),
                $held === null
                    ? 'None is held yet (8 of 10 needed).'
                    : sprintf('Held with 8 of 10: %s.', FigureText::metres($held)),
            ),
            FindingUnit::Metres,
            $width,
            null,
            count($run->balls),
        );
    }
}
