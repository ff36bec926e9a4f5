<?php

declare(strict_types=1);

namespace Amble\Core\Advice;

use Amble\Core\Green\ReadingMethod;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Units\Length;

/**
 * What the margin says beside a student's backstroke fit, most pressing first.
 *
 * Silence is a good margin: every note rests on evidence, and none repeats what the table shows.
 */
final class StrokeNotes
{
    /** Fewer balls today than this say nothing about today. */
    private const FEWEST_TODAY = 4;

    /**
     * @param SessionOffset|null $today against the line of the student's other sessions; null
     *                                  when either is too thin
     * @param float|null $speedMetres of today's green
     *
     * @return list<Note>
     */
    public static function of(
        StrokeFit $fit,
        ReadingMethod $method,
        ?float $speedMetres,
        ?SessionOffset $today,
        int $leftOut,
    ): array {
        return array_values(array_filter([
            self::unknownSpeed($method),
            $today === null || $speedMetres === null ? null : self::offset($today, $speedMetres),
            self::oddBalls($fit),
            self::thinData($fit),
            self::estimatedSpeed($method),
            self::uncountedBalls($fit, $leftOut),
        ]));
    }

    private static function unknownSpeed(ReadingMethod $method): ?Note
    {
        return $method === ReadingMethod::Unknown ? new Note(
            'stroke.speed_unknown',
            'The green speed is unknown, so today\'s lengths cannot be said.',
            'Backstrokes are told for one green speed; there is no reading for this green.',
            'Roll three balls each way under Green, off a ramp or timed by hand.',
        ) : null;
    }

    private static function offset(SessionOffset $today, float $speedMetres): ?Note
    {
        if (!$today->isRemarkable() || $today->n < self::FEWEST_TODAY) {
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
            sprintf(
                'Look at the green first: it would be rolling like %.1f ft. Measure it again.',
                $today->effectiveSpeed($speedMetres) / Length::METRES_PER_FOOT,
            ),
            sprintf('If the green is right, it is the strike: backstrokes times %.2f make up for it today.', $today->backstrokeFactor()),
        );
    }

    private static function oddBalls(StrokeFit $fit): ?Note
    {
        $odd = count($fit->marked);

        return $odd === 0 ? null : new Note(
            'stroke.odd',
            $odd === 1 ? 'One ball lies far off this student\'s line.' : "$odd balls lie far off this student's line.",
            sprintf('More than three spreads away, of %d balls fitted. They count for little, but are not dropped.', $fit->n),
            'Look at them in the list: a mishit or a slip of the pen can be marked or corrected.',
        );
    }

    private static function thinData(StrokeFit $fit): ?Note
    {
        return match ($fit->state) {
            FitState::Fitted => null,
            FitState::None => new Note(
                'stroke.none',
                'There is no line for this student yet.',
                'No ball with a measured backstroke and a free roll.',
                'Three balls at each of three backstrokes, well apart, are a start.',
                'With a student who putts by eye, note the backstroke you see; they need not know it.',
            ),
            FitState::Provisional => new Note(
                'stroke.provisional',
                'The line is provisional: it leans on what most people\'s strokes do.',
                sprintf('%d %s so far; six at three lengths make it the student\'s own.', $fit->n, $fit->n === 1 ? 'ball' : 'balls'),
                'Add backstrokes shorter and longer than those already rolled.',
            ),
        };
    }

    private static function estimatedSpeed(ReadingMethod $method): ?Note
    {
        return $method === ReadingMethod::Estimated ? new Note(
            'stroke.speed_estimated',
            'Today\'s green speed is an estimate, so the ranges are wider.',
            'An estimate by eye is taken to be good to about a foot.',
            'A few rolls each way narrow it.',
        ) : null;
    }

    private static function uncountedBalls(StrokeFit $fit, int $leftOut): ?Note
    {
        return $leftOut > $fit->n ? new Note(
            'stroke.left_out',
            'More balls were left out than counted.',
            sprintf('%d left out, %d counted.', $leftOut, $fit->n),
            'Balls cut short say only "at least this far". Roll to open ground, away from hole and edge.',
        ) : null;
    }
}
