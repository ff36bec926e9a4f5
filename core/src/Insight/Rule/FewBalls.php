<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Stroke\FitState;

/** What a line from few balls still leans on. */
final class FewBalls implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        return match ($facts->fit->state) {
            FitState::Fitted => null,
            FitState::None => new Insight(
                'stroke.none',
                'There is no backstroke curve for this student yet.',
                'No ball yet with a measured backstroke and a free roll on a green measured that day.',
                0.5,
                1.0,
                'none',
                'Start with three balls at each of three clearly different backstrokes.',
                'With a student who putts by feel, note the backstroke you see; the student does not need to know it.',
                isOfRecord: true,
            ),
            FitState::Provisional => new Insight(
                'stroke.provisional',
                'The backstroke curve is provisional: it still relies on other students’ strokes.',
                sprintf(
                    '%d %s so far; six at three lengths give the student\'s own curve.',
                    $facts->fit->n,
                    $facts->fit->n === 1 ? 'ball' : 'balls',
                ),
                0.5,
                1.0,
                'provisional',
                'Add shorter and longer backstrokes.',
                isOfRecord: true,
            ),
        };
    }
}
