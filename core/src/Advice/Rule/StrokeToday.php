<?php

declare(strict_types=1);

namespace Amble\Core\Advice\Rule;

use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rule;
use Amble\Core\Student\School;
use Amble\Core\Units\Length;

/** Today's balls against the student's own line from backstroke to roll (maths.md 3.6). */
final class StrokeToday implements Rule
{
    /** Fewer balls today than this say nothing about today. */
    private const FEWEST_BALLS = 4;

    public function note(Facts $facts): ?Note
    {
        $today = $facts->strokeToday;
        $speed = $facts->reading?->isOfTheDay === true ? $facts->reading->reading->speed : null;
        if ($today === null || $speed === null || !$today->isRemarkable() || $today->n < self::FEWEST_BALLS) {
            return null;
        }
        $percent = 100.0 * (exp($today->meanResidual) - 1.0);

        return new Note(
            'stroke.offset',
            sprintf('Today\'s balls run %s than this student\'s own line says.', $percent < 0.0 ? 'shorter' : 'further'),
            sprintf(
                '%d balls, on average %.0f %% %s; a day usually lies within 8 %%.',
                $today->n,
                abs($percent),
                $percent < 0.0 ? 'short' : 'long',
            ),
            0.8,
            min(1.0, abs($today->offset) / (4.0 * $today->standardError)),
            sprintf('%+.0f', 20.0 * $today->offset),
            sprintf(
                'Look at the green first: it would be rolling like %.1f ft. Measure it again.',
                $today->effectiveSpeed($speed->metres()) / Length::METRES_PER_FOOT,
            ),
            sprintf(
                'If the green is right, it is the strike: %s times %.2f make up for it today.',
                $facts->school === School::Foot ? 'shoe places' : 'backstrokes',
                $today->backstrokeFactor(),
            ),
            'A fresh reading that agrees with the old one points at the strike.',
        );
    }
}
