<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\Measure\AimSplit;

/** Aim to one side and a stroke that brings it back: named before anyone mends one half (maths.md 4.3). */
final class Compensation implements Rule
{
    /** Each half must be at least so large, radians. */
    private const LEAST = 0.0105;

    public function note(InsightFacts $facts): ?Insight
    {
        $split = $facts->lately === null ? null : AimSplit::split($facts->lately);
        if (
            $split === null ||
            !$split->cancels() ||
            !Significance::says($split->aimBias, $split->aimError, self::LEAST) ||
            !Significance::says($split->strokeBias(), $split->strokeError(), self::LEAST)
        ) {
            return null;
        }

        return new Insight(
            key: 'start.compensation',
            seen: sprintf('The face is aimed %s, and the stroke brings it back.', FigureText::degrees($split->aimBias)),
            evidence: sprintf(
                'Aim %s, stroke %s, balls start %s.',
                FigureText::degrees($split->aimBias),
                FigureText::degrees($split->strokeBias()),
                FigureText::degrees($split->startBias),
            ),
            cost: 0.85,
            sureness: min(
                Significance::sureness($split->aimBias, $split->aimError),
                Significance::sureness($split->strokeBias(), $split->strokeError()),
            ),
            stamp: sprintf('%+.0f', rad2deg($split->aimBias)),
            try: 'Do not correct only one. Square the aim and let the stroke follow in the same session, with a gate to see both.',
            otherWay: 'Some coaches leave a pair alone that has worked for years: the note on the profile decides.',
            refutedBy: 'Aim checks that come out square.',
            school: null,
            balls: [],
            instead: ['start.side'],
        );
    }
}
