<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Change\PeriodChange;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\Pace;
use Amble\Core\Review\Measure\PaceAverage;
use Amble\Core\Review\MeasureChange;

/**
 * Short or long as a whole: the green first while the balls are of one day and several lengths agree; else both
 * readings.
 */
final class PaceHabit implements Rule
{
    private const FEWEST = 12;

    /** Less than this is nobody's habit, share of length. */
    private const LEAST = 0.05;

    /** Readings of so many sessions are not all wrong the same way. */
    private const SESSIONS = 3;

    /** Standard errors, days that differ among them, from which it is a habit. */
    private const ERRORS = 2.8;

    /** Half of an 80 % range, standard errors. */
    private const HALF_WIDTH = 1.28;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $control = $lately === null ? null : Pace::control($lately);
        if (
            $lately === null ||
            $control === null ||
            $control->bias === null ||
            $control->biasInterval === null ||
            Pace::countKnownErrors($control) < self::FEWEST
        ) {
            return null;
        }
        [$bias, $error] = self::overSessions($lately);
        if (abs($bias) < self::LEAST || abs($bias) < self::ERRORS * $error) {
            return null;
        }
        $isShort = $bias < 0.0;
        $agree = self::agreeing($lately, $isShort);
        $sessions = count($lately->bySession());

        return new Insight(
            key: 'pace.habit',
            seen: sprintf(
                'Balls finish %s%s.',
                FigureText::ofLength($bias),
                $agree >= 2 ? sprintf(', at each of %d lengths', $agree) : '',
            ),
            evidence: sprintf(
                '%d balls over %s; likely %s to %s; %d short, %d long.',
                Pace::countKnownErrors($control),
                $sessions === 1 ? 'one session' : "$sessions sessions",
                FigureText::ofLength($bias - self::HALF_WIDTH * $error),
                FigureText::ofLength($bias + self::HALF_WIDTH * $error),
                $control->short,
                $control->long,
            ),
            cost: 0.75 * min(1.0, abs($bias) / 0.1),
            sureness: Significance::sureness($bias, $error),
            stamp: sprintf('%+.0f', 20.0 * $bias),
            try: $sessions < self::SESSIONS && $agree >= 2
                ? sprintf(
                    'Check the green first: it may roll %.2f of the measured length. Until you measure it again, play each putt as %.2f times its length.',
                    1.0 + $bias,
                    1.0 / (1.0 + $bias),
                )
                : self::stroke($isShort),
            otherWay: $sessions < self::SESSIONS && $agree >= 2
                ? 'If the green is right, it is the stroke. ' . self::stroke($isShort)
                : 'Or the greens were all measured too ' . ($isShort ? 'fast' : 'slow') . '.',
            refutedBy: 'Twelve more at the usual lengths that finish on both sides of the target.',
            school: null,
            balls: (new ForDistance($lately->surface))->of($lately->balls()),
            instead: ['pace.target', 'read.low', 'read.high'],
        );
    }

    /**
     * Days differ by more than balls do, so the sessions' means are averaged, with the spread between days in the
     * error.
     *
     * @return array{float, float} mean as a share of length, and its standard error
     */
    private static function overSessions(BallSelection $lately): array
    {
        $figures = array_values(MeasureChange::figures(PaceAverage::class, $lately));
        if ($figures === []) {
            return [0.0, INF];
        }

        return PeriodChange::meanOf($figures, PeriodChange::PACE);
    }

    private static function stroke(bool $isShort): string
    {
        return $isShort
            ? 'A longer backstroke at the same tempo, not a harder hit.'
            : 'A shorter backstroke at the same tempo, not a slower through-swing.';
    }

    /** How many lengths lean the same way. */
    private static function agreeing(BallSelection $lately, bool $isShort): int
    {
        $agree = 0;
        foreach ($lately->byLength() as [, $some]) {
            $bias = Pace::control($some)?->bias;
            $agree += $bias !== null && $bias < 0.0 === $isShort ? 1 : 0;
        }

        return $agree;
    }
}
