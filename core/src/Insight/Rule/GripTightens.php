<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\Kind\GripPressure;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\Measure\Pace;

/** A grip that tightens during the stroke, where distances scatter; how firm it is, is the student's own. */
final class GripTightens implements Rule
{
    /** Spread of an ordinary player, share of the length (maths.md 6). */
    private const ORDINARY = 0.12;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $control = $lately === null ? null : Pace::control($lately);
        $tries = $lately?->checked->of('grip_pressure')->latest();
        $rise =
            $tries === null || $tries->n() === 0
                ? null
                : CheckKinds::all()['grip_pressure']->findings($tries, $lately->checked)[0] ?? null;
        if (
            $control?->spread === null ||
            $rise?->value === null ||
            $rise->interval === null ||
            $rise->value <= 0.0 ||
            !Significance::says($rise->value, $rise->interval->error(), GripPressure::LEAST) ||
            !Significance::spreadAbove($control->spread, Pace::countKnownErrors($control), self::ORDINARY)
        ) {
            return null;
        }

        return new Insight(
            key: 'stroke.grip',
            seen: 'Distances scatter, and the grip tightens during the stroke.',
            evidence: sprintf(
                '%s Spread %s from %d balls.',
                $rise->sentence,
                FigureText::percent($control->spread),
                Pace::countKnownErrors($control),
            ),
            cost: 0.5,
            sureness: Significance::sureness($rise->value, $rise->interval->error()),
            stamp: sprintf('%.0f', $rise->value),
            try: 'Keep the same pressure from address to contact, however firm. Ten balls, saying the number aloud.',
            otherWay: null,
            refutedBy: 'A steady grip with the same scatter.',
        );
    }
}
