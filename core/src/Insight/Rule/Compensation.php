<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Clear;
use Amble\Core\Insight\Facts;
use Amble\Core\Insight\Note;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\Say;
use Amble\Core\Review\Measure\AimSplit;

/** Aim to one side and a stroke that brings it back: named before anyone mends one half (maths.md 4.3). */
final class Compensation implements Rule
{
    /** Each half must be at least so large, radians. */
    private const LEAST = 0.0105;

    public function note(Facts $facts): ?Note
    {
        $split = $facts->lately === null ? null : AimSplit::split($facts->lately);
        if (
            $split === null || !$split->cancels()
            || !Clear::says($split->aimBias, $split->aimError, self::LEAST)
            || !Clear::says($split->strokeBias(), $split->strokeError(), self::LEAST)
        ) {
            return null;
        }

        return new Note(
            'start.compensation',
            sprintf('The face is set %s, and the stroke brings it back.', Say::degrees($split->aimBias)),
            sprintf('Aim %s, stroke %s, balls start %s.', Say::degrees($split->aimBias), Say::degrees($split->strokeBias()), Say::degrees($split->startBias)),
            0.85,
            min(Clear::sureness($split->aimBias, $split->aimError), Clear::sureness($split->strokeBias(), $split->strokeError())),
            sprintf('%+.0f', rad2deg($split->aimBias)),
            'Mend neither alone. Square the aim and let the stroke follow in the same session, with a gate to see both.',
            'Some leave a pair that has held for years alone: it is the student\'s note that decides.',
            'Aim checks that come out square.',
            null,
            [],
            ['start.side'],
        );
    }
}
