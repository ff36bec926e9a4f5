<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Green\Physics;
use Amble\Core\Roll\AimSolution;

/** Hints that go by the case: very short, straight, straight uphill, where aim and pace tempt. */
final class ReadHint
{
    /** Up to here a putt is very short, metres. Ours. */
    private const SHORT = 1.0;

    /** From here on uphill it is steep, per cent. Ours. */
    private const STEEP = 2.0;

    /** From here on a putt is looked at from half-way too, metres. Ours. */
    private const LONG = 9.0;

    /** Beyond so much break the first guess is mostly too little, share of the length. Ours. */
    private const MUCH = 0.1;

    /** @return list<string> */
    public static function of(PuttSituation $putt, ?AimSolution $read): array
    {
        [$along, $across] = [$putt->surface->along->percent(), $putt->surface->across->percent()];
        $aim = $read?->aimOffset();
        $isStraight = abs($across) <= SlopeWords::LEVEL;

        return array_values(
            array_filter([
                $aim !== null && $putt->length->metres() <= self::SHORT && abs($aim) <= Physics::HOLE_RADIUS
                    ? 'Very short: stay inside the hole.'
                    : null,
                $isStraight && abs($along) <= SlopeWords::LEVEL && $putt->surface->tier === null
                    ? 'No slope seen: play it straight, and concentrate on distance.'
                    : null,
                $isStraight && $along > SlopeWords::LEVEL ? 'Straight uphill: it may be firm.' : null,
                $isStraight && $along < -SlopeWords::LEVEL
                    ? 'Straight downhill: the hole takes less of a fast ball than it looks.'
                    : null,
                $along >= self::STEEP
                    ? 'Steeply uphill a ball that is short leaves the same putt again: past the hole is no harm.'
                    : null,
                $putt->length->metres() >= self::LONG
                    ? 'Long: look once more from half-way, at the length and at where it turns.'
                    : null,
                $aim !== null && abs($aim) > self::MUCH * $putt->length->metres()
                    ? 'This much break is usually read too small: look once more from the low side.'
                    : null,
            ]),
        );
    }
}
