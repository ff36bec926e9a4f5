<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Units\Length;

/** What a coach may hold a student's rounds beside; the figure is the coach's own, with where it comes from. */
enum BenchmarkFigure: string
{
    case Putts = 'putts_per_18';
    case ThreePutts = 'three_putts_per_18';
    case Holed = 'holed_share';
    case ThreePuttShare = 'three_putt_share';

    /** Whether it is told of one first-putt length. */
    public function isOfLength(): bool
    {
        return $this === self::Holed || $this === self::ThreePuttShare;
    }

    /** The student's own figure, from rounds; null where they do not tell it. */
    public function own(RoundReport $play, ?Length $length): ?float
    {
        $class = null;
        foreach ($play->classes as $each) {
            if (
                $length !== null &&
                $length->metres() > $each->low &&
                ($each->high === null || $length->metres() <= $each->high)
            ) {
                $class = $each;
            }
        }

        return match ($this) {
            self::Putts => $play->per18($play->putts),
            self::ThreePutts => $play->per18($play->threePutts + $play->fourPutts),
            self::Holed => $class?->onePutt,
            self::ThreePuttShare => $class?->threePutt,
        };
    }
}
