<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Clear;
use Amble\Core\Insight\Facts;
use Amble\Core\Insight\Note;
use Amble\Core\Insight\Rule;
use Amble\Core\Report\Say;
use Amble\Core\Review\Measure\Pace;

/** Off at some lengths only: the longer half against the shorter one. */
final class PaceByLength implements Rule
{
    /** A length with fewer balls says nothing of its own. */
    private const FEWEST = 5;

    /** Less apart than this is not worth a word, share of length. */
    private const LEAST = 0.08;

    public function note(Facts $facts): ?Note
    {
        $ends = self::ends($facts);
        if ($ends === null) {
            return null;
        }
        [[$near, $nearBias, $nearError, $nearBalls], [$far, $farBias, $farError, $farBalls]] = $ends;
        $apart = $farBias - $nearBias;
        $error = hypot($nearError, $farError);
        if (!Clear::says($apart, $error, self::LEAST, min($nearBalls, $farBalls) - 1)) {
            return null;
        }

        return new Note(
            'pace.lengths',
            sprintf('Long putts finish %s than short ones.', $apart < 0.0 ? 'shorter' : 'longer'),
            sprintf('From %s on average %s, from %s %s.', Say::metres($far), Say::ofLength($farBias), Say::metres($near), Say::ofLength($nearBias)),
            0.6 * min(1.0, abs($apart) / 0.15),
            Clear::sureness($apart, $error),
            sprintf('%+.0f', 20.0 * $apart),
            $apart < 0.0 ? 'Let the backstroke grow with the length, and keep the tempo: long ones are often only hit harder.' : 'Keep the long ones to the backstroke the curve says; the through-swing tends to quicken.',
            null,
            'The same lengths, shuffled, all finishing alike.',
        );
    }

    /** @return array{array{float, float, float, int}, array{float, float, float, int}}|null the shortest and the longest length told: metres, bias, its error, balls */
    private static function ends(Facts $facts): ?array
    {
        $told = [];
        foreach ($facts->lately?->byLength() ?? [] as [$length, $some]) {
            $control = Pace::control($some);
            if ($control !== null && $control->bias !== null && $control->spread !== null && $control->nMeasured >= self::FEWEST) {
                $told[] = [$length, $control->bias, $control->spread / sqrt($control->nMeasured), $control->nMeasured];
            }
        }

        return count($told) < 2 ? null : [$told[0], $told[count($told) - 1]];
    }
}
