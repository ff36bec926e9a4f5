<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\LeftOut;
use Amble\Core\Insight\Facts;
use Amble\Core\Insight\Note;
use Amble\Core\Insight\Rule;

/** More balls that tell nothing of the stroke than balls that do. */
final class MostLeftOut implements Rule
{
    public function note(Facts $facts): ?Note
    {
        $out = array_sum($facts->leftOut);
        if ($out <= $facts->fit->n) {
            return null;
        }
        $reason = LeftOut::from((string) array_search(max($facts->leftOut ?: [0]), $facts->leftOut, true));

        return new Note(
            'stroke.left_out',
            'More balls were left out than counted.',
            sprintf('%d left out, %d counted; most of them, %d: %s.', $out, $facts->fit->n, $facts->leftOut[$reason->value], $reason->reason()),
            0.3,
            0.8,
            'most ' . $reason->value,
            self::remedy($reason),
            isOfRecord: true,
        );
    }

    /** What would have let them count. */
    private static function remedy(LeftOut $reason): ?string
    {
        return match ($reason) {
            LeftOut::CutShort => 'Balls cut short say only "at least this far". Roll to open ground, away from hole and edge.',
            LeftOut::HoledUnjudged => 'Say how far a holed ball would have rolled, or roll to open ground.',
            LeftOut::NoBackstroke => 'Note the backstroke of each ball: it stays at the last one, so one touch does for many.',
            LeftOut::NoSpeed, LeftOut::NotOfTheDay => 'Measure the green before the first ball.',
            LeftOut::Unmeasured => 'Touch the lane where each ball stops.',
            default => null,
        };
    }
}
