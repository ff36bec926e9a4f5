<?php

declare(strict_types=1);

namespace Amble\Core\Advice\Rule;

use Amble\Core\Advice\Clear;
use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rule;
use Amble\Core\Drill\Finding\Say;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure\Pace;

/** Short or long as a whole: the green first while the balls are of one day and several lengths agree; else both readings. */
final class PaceHabit implements Rule
{
    private const FEWEST = 12;

    /** Less than this is nobody's habit, share of length. */
    private const LEAST = 0.05;

    /** Readings of so many sessions are not all wrong the same way. */
    private const SESSIONS = 3;

    public function note(Facts $facts): ?Note
    {
        $lately = $facts->lately;
        $control = $lately === null ? null : Pace::control($lately);
        if ($lately === null || $control === null || $control->bias === null || $control->biasInterval === null || Pace::told($control) < self::FEWEST) {
            return null;
        }
        $error = $control->biasInterval->error();
        if (!Clear::says($control->bias, $error, self::LEAST, Pace::told($control) - 1)) {
            return null;
        }
        $isShort = $control->bias < 0.0;
        $agree = self::agreeing($lately, $isShort);
        $sessions = count($lately->bySession());

        return new Note(
            'pace.habit',
            sprintf('Balls finish %s%s.', Say::ofLength($control->bias), $agree >= 2 ? sprintf(', at %d lengths alike', $agree) : ''),
            sprintf(
                '%d balls over %s; likely %s to %s; %d short, %d long.',
                Pace::told($control),
                $sessions === 1 ? 'one session' : "$sessions sessions",
                Say::ofLength($control->biasInterval->low),
                Say::ofLength($control->biasInterval->high),
                $control->short,
                $control->long,
            ),
            0.75 * min(1.0, abs($control->bias) / 0.1),
            Clear::sureness($control->bias, $error),
            sprintf('%+.0f', 20.0 * $control->bias),
            $sessions < self::SESSIONS && $agree >= 2
                ? sprintf('Look at the green first: it would be rolling %.2f of what is meant. Until it is measured again, play each putt as %.2f times its length.', 1.0 + $control->bias, 1.0 / (1.0 + $control->bias))
                : self::stroke($isShort),
            $sessions < self::SESSIONS && $agree >= 2 ? 'If the green is right, it is the stroke. ' . self::stroke($isShort) : 'Or the greens were all read too ' . ($isShort ? 'fast' : 'slow') . '.',
            'The next dozen at the usual lengths finishing on both sides of where they are meant.',
            null,
            (new ForDistance($lately->surface, $lately->pace))->of($lately->balls),
            ['pace.target'],
        );
    }

    private static function stroke(bool $isShort): string
    {
        return $isShort ? 'A longer backstroke at the same tempo, not a harder hit.' : 'A shorter backstroke at the same tempo, not a slower through-swing.';
    }

    /** How many lengths lean the same way. */
    private static function agreeing(Asked $lately, bool $isShort): int
    {
        $agree = 0;
        foreach ($lately->byLength() as [, $some]) {
            $bias = Pace::control($some)?->bias;
            $agree += $bias !== null && ($bias < 0.0) === $isShort ? 1 : 0;
        }

        return $agree;
    }
}
