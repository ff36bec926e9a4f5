<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\Kind\GripPressure;
use Amble\Core\Insight\Clear;
use Amble\Core\Insight\Facts;
use Amble\Core\Insight\Note;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\Say;
use Amble\Core\Review\Measure\Pace;

/** A grip that tightens during the stroke, where distances scatter; how firm it is, is the student's own. */
final class GripTightens implements Rule
{
    /** Spread of an ordinary player, share of the length (maths.md 6). */
    private const ORDINARY = 0.12;

    public function note(Facts $facts): ?Note
    {
        $lately = $facts->lately;
        $control = $lately === null ? null : Pace::control($lately);
        $tries = $lately?->checked->of('grip_pressure')->latest();
        $rise = $tries === null || $tries->n() === 0 ? null : CheckKinds::all()['grip_pressure']->findings($tries, $lately->checked)[0] ?? null;
        if (
            $control?->spread === null || $rise?->value === null || $rise->interval === null || $rise->value <= 0.0
            || !Clear::says($rise->value, $rise->interval->error(), GripPressure::LEAST)
            || !Clear::spreadAbove($control->spread, Pace::told($control), self::ORDINARY)
        ) {
            return null;
        }

        return new Note(
            'stroke.grip',
            'Distances scatter, and the grip tightens during the stroke.',
            sprintf('%s Spread %s from %d balls.', $rise->sentence, Say::percent($control->spread), Pace::told($control)),
            0.5,
            Clear::sureness($rise->value, $rise->interval->error()),
            sprintf('%.0f', $rise->value),
            'Keep it at contact as it was at address, however firm that is; ten balls saying the number aloud.',
            null,
            'A grip that stays as it was, and the same scatter.',
        );
    }
}
