<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** More balls that tell nothing of the stroke than balls that do. */
final class MostBallsExcluded implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $out = array_sum($facts->leftOut);
        if ($out <= $facts->fit->n) {
            return null;
        }
        $reason = ExcludedBalls::from((string) array_search(max($facts->leftOut ?: [0]), $facts->leftOut, true));

        return new Insight(
            'stroke.left_out',
            'More balls were left out than counted.',
            sprintf(
                '%d left out, %d counted; most of them, %d: %s.',
                $out,
                $facts->fit->n,
                $facts->leftOut[$reason->value],
                $reason->reason(),
            ),
            0.3,
            0.8,
            'most ' . $reason->value,
            self::remedy($reason),
            isOfRecord: true,
        );
    }

    /** What would have let them count. */
    private static function remedy(ExcludedBalls $reason): ?string
    {
        return match ($reason) {
            ExcludedBalls::CutShort
                => 'A ball that is stopped shows only "at least this far". Putt to open ground, away from hole and edge.',
            ExcludedBalls::HoledUnjudged => 'Estimate how far a holed ball would have rolled, or putt to open ground.',
            ExcludedBalls::NoBackstroke
                => 'Note the backstroke of each ball. It stays selected, so one touch is enough for several balls.',
            ExcludedBalls::NoSpeed, ExcludedBalls::NotOfTheDay => 'Measure the green before the first ball.',
            ExcludedBalls::Unmeasured => 'Tap the lane where each ball stops.',
            default => null,
        };
    }
}
