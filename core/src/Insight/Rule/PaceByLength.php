<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\Measure\Pace;

/** Off at some lengths only: the longer half against the shorter one. */
final class PaceByLength implements Rule
{
    /** A length with fewer balls says nothing of its own. */
    private const FEWEST = 5;

    /** Less apart than this is not worth a word, share of length. */
    private const LEAST = 0.08;

    public function note(InsightFacts $facts): ?Insight
    {
        $ends = self::ends($facts);
        if ($ends === null) {
            return null;
        }
        [[$near, $nearBias, $nearError, $nearBalls], [$far, $farBias, $farError, $farBalls]] = $ends;
        $apart = $farBias - $nearBias;
        $error = hypot($nearError, $farError);
        if (!Significance::says($apart, $error, self::LEAST, min($nearBalls, $farBalls) - 1)) {
            return null;
        }

        return new Insight(
            key: 'pace.lengths',
            seen: sprintf('Long putts finish %s than short ones.', $apart < 0.0 ? 'shorter' : 'longer'),
            evidence: sprintf(
                'From %s on average %s, from %s %s.',
                FigureText::metres($far),
                FigureText::ofLength($farBias),
                FigureText::metres($near),
                FigureText::ofLength($nearBias),
            ),
            cost: 0.6 * min(1.0, abs($apart) / 0.15),
            sureness: Significance::sureness($apart, $error),
            stamp: sprintf('%+.0f', 20.0 * $apart),
            try: $apart < 0.0
                ? 'Make the backstroke longer for longer putts, at the same tempo. Long putts are often only hit harder.'
                : 'Use the backstroke of the curve on long putts; the through-swing tends to quicken.',
            otherWay: null,
            refutedBy: 'The same lengths shuffled, all finishing the same.',
        );
    }

    /**
     * @return array{array{float, float, float, int}, array{float, float, float, int}}|null the shortest and the longest
     *     length told: metres, bias, its error, balls
     */
    private static function ends(InsightFacts $facts): ?array
    {
        $told = [];
        foreach ($facts->lately?->byLength() ?? [] as [$length, $some]) {
            $control = Pace::control($some);
            if (
                $control !== null &&
                $control->bias !== null &&
                $control->spread !== null &&
                $control->nMeasured >= self::FEWEST
            ) {
                $told[] = [$length, $control->bias, $control->spread / sqrt($control->nMeasured), $control->nMeasured];
            }
        }

        return count($told) < 2 ? null : [$told[0], $told[count($told) - 1]];
    }
}
