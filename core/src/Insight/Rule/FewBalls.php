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
                'There is no line for this student yet.',
                'No ball with a measured backstroke and a free roll on a green measured that day.',
                0.5,
                1.0,
                'none',
                'Three balls at each of three backstrokes, well apart, are a start.',
                'With a student who putts by eye, note the backstroke you see; they need not know it.',
                isOfRecord: true,
            ),
            FitState::Provisional => new Insight(
                'stroke.provisional',
                'The line is provisional: it leans on what other strokes do.',
                sprintf(
                    '%d %s so far; six at three lengths make it the student\'s own.',
                    $facts->fit->n,
                    $facts->fit->n === 1 ? 'ball' : 'balls',
                ),
                0.5,
                1.0,
                'provisional',
                'Add backstrokes shorter and longer than those already rolled.',
                isOfRecord: true,
            ),
        };
    }
}
