<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Distance\Offset;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** Balls at targets that finish elsewhere than usual: the green first, when several students agree; else both
 * readings (maths.md 5.2). */
final class TodayAgainstUsual implements Rule
{
    /** Fewer of a student's balls than this say nothing of a day. */
    private const FEWEST_BALLS = 3;

    /** What a day does is not yet a habit. */
    private const INSTEAD = ['pace.habit', 'stroke.too_long', 'pace.target', 'read.low', 'read.high'];

    /**
     * One student's day is noted only this many standard errors from usual: days of some students differ by more than
     * the shipped day-to-day spread, which two standard errors would take for a finding.
     */
    private const ERRORS_OF_ONE = 3.6;

    public function note(InsightFacts $facts): ?Insight
    {
        $today = $facts->today;
        if ($today?->green === null || $facts->ballsToday < self::FEWEST_BALLS) {
            return null;
        }
        $own = $today->own[0] ?? null;

        return match (true) {
            $today->isSeparable() && $today->green->isRemarkable() => self::green(
                $today->green,
                count(array_filter($today->students)),
            ),
            $today->isSeparable() && $own !== null && self::isFarOff($own) => self::student($own, $facts->ballsToday),
            !$today->isSeparable() && self::isFarOff($today->green) => self::either(
                $today->green,
                $facts->ballsToday,
                $facts->hasHistory,
            ),
            default => null,
        };
    }

    private static function isFarOff(Offset $offset): bool
    {
        return abs($offset->value) > self::ERRORS_OF_ONE * $offset->standardError;
    }

    private static function green(Offset $green, int $students): Insight
    {
        return new Insight(
            key: 'pace.green',
            seen: sprintf(
                'The green rolls %s today: balls of several students finish %s.',
                $green->value < 0.0 ? 'slower' : 'faster',
                self::share($green),
            ),
            evidence: sprintf(
                '%d students compared with their own usual; give or take %.0f %%.',
                $students,
                self::giveOrTake($green),
            ),
            cost: 0.9,
            sureness: min(1.0, abs($green->value) / (4.0 * $green->standardError)),
            stamp: self::stamp($green),
            try: sprintf(
                'A putt plays %.2f times its length today. Measure the green again.',
                1.0 / (1.0 + $green->value),
            ),
            otherWay: null,
            refutedBy: 'A new measurement that agrees with the old one.',
            instead: self::INSTEAD,
        );
    }

    private static function student(Offset $own, int $balls): Insight
    {
        return new Insight(
            key: 'pace.student',
            seen: sprintf('This student finishes %s today, and the others on this green do not.', self::share($own)),
            evidence: sprintf(
                '%d balls, with the effect of the green removed; give or take %.0f %%.',
                $balls,
                self::giveOrTake($own),
            ),
            cost: 0.7,
            sureness: min(1.0, abs($own->value) / (4.0 * $own->standardError)),
            stamp: self::stamp($own),
            try: $own->value < 0.0
                ? 'Check the strike and the tempo before the backstroke.'
                : 'Check whether the stroke has become quicker.',
            otherWay: null,
            refutedBy: 'Ten more balls that finish as usual.',
        );
    }

    private static function either(Offset $offset, int $balls, bool $hasHistory): Insight
    {
        return new Insight(
            key: 'pace.either',
            seen: sprintf(
                'Today\'s balls finish %s%s.',
                self::share($offset),
                $hasHistory ? ', compared with what is usual for this student' : ' of the target',
            ),
            evidence: sprintf('%d balls of one student; give or take %.0f %%.', $balls, self::giveOrTake($offset)),
            cost: 0.7,
            sureness: min(1.0, abs($offset->value) / (4.0 * $offset->standardError)),
            stamp: self::stamp($offset),
            try: sprintf(
                'Check the green first: it may roll %.2f of the measured length. Measure it again.',
                1.0 + $offset->value,
            ),
            otherWay: 'If the green is right, it is the strike or the tempo.',
            refutedBy: 'A second student\'s balls, or a new measurement.',
            instead: self::INSTEAD,
        );
    }

    private static function share(Offset $offset): string
    {
        return sprintf('%.0f %% %s', 100.0 * abs($offset->value), $offset->value < 0.0 ? 'short' : 'long');
    }

    /** Half of the 80 % interval, percent of length. */
    private static function giveOrTake(Offset $offset): float
    {
        return 100.0 * ($offset->interval(0.8)->high - $offset->value);
    }

    /** To 5 %: a note put away comes back when the offset has clearly changed. */
    private static function stamp(Offset $offset): string
    {
        return sprintf('%+.0f', 20.0 * $offset->value);
    }
}
