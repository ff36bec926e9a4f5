<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Stroke\GreenOffset;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Units\Length;

/**
 * Today's balls against the student's own line from backstroke to roll; several students together point at the green
 * (maths.md 3.6).
 */
final class StrokeToday implements Rule
{
    /** An insight stands beside others, so it asks for more than the remark beside the table does (maths.md 8.4). */
    private const ERRORS = 2.6;

    /** What a day does is not yet a habit, and says nothing of the reads. */
    private const INSTEAD = ['read.low', 'read.high'];

    public function note(InsightFacts $facts): ?Insight
    {
        $today = $facts->strokeToday;
        $speed = $facts->reading?->isOfTheDay === true ? $facts->reading->reading->speed : null;
        if ($today === null || $speed === null) {
            return null;
        }
        $green = GreenOffset::pool([$today, ...$facts->strokesOfOthers]);

        return match (true) {
            $green->isRemarkable() => self::green($green, $speed->metres()),
            $today->isRemarkable() && abs($today->offset) > self::ERRORS * $today->standardError => self::either(
                $today,
                $speed->metres(),
                $facts->school,
            ),
            default => null,
        };
    }

    private static function green(GreenOffset $green, float $speedM): Insight
    {
        return new Insight(
            key: 'stroke.green',
            seen: sprintf(
                'The green rolls %s than measured: the same backstrokes of several students roll %s.',
                $green->offset < 0.0 ? 'slower' : 'faster',
                self::share($green->offset),
            ),
            evidence: sprintf(
                '%d students, each compared with their own curve; give or take %.0f %%.',
                $green->students,
                100.0 * SessionOffset::REMARK * $green->standardError,
            ),
            cost: 0.9,
            sureness: min(1.0, abs($green->offset) / (4.0 * $green->standardError)),
            stamp: sprintf('%+.0f', 20.0 * $green->offset),
            try: sprintf(
                'It acts like %.1f ft. Measure the green again.',
                ($speedM * exp($green->offset)) / Length::METRES_PER_FOOT,
            ),
            otherWay: null,
            refutedBy: 'A new measurement that agrees with the old one.',
            instead: ['stroke.offset', 'pace.habit', ...self::INSTEAD],
        );
    }

    private static function either(SessionOffset $today, float $speedM, BackstrokeCue $school): Insight
    {
        return new Insight(
            key: 'stroke.offset',
            seen: sprintf(
                'Today the same backstroke rolls %s than on earlier days.',
                $today->offset < 0.0 ? 'shorter' : 'further',
            ),
            evidence: sprintf(
                '%d balls compared with the curve of %s: %s. An ordinary day stays within %.0f %%.',
                $today->n,
                $today->sessions === 1 ? 'one earlier session' : "$today->sessions earlier sessions",
                self::share($today->offset),
                100.0 * (exp(SessionOffset::REMARK * $today->standardError) - 1.0),
            ),
            cost: 0.8,
            sureness: min(1.0, abs($today->offset) / (4.0 * $today->standardError)),
            stamp: sprintf('%+.0f', 20.0 * $today->offset),
            try: sprintf(
                'Check the green first: it may roll like %.1f ft. Measure it again.',
                $today->effectiveSpeed($speedM) / Length::METRES_PER_FOOT,
            ),
            otherWay: sprintf(
                'If the green is right, it is the strike: %s times %.2f make up for it today.',
                $school === BackstrokeCue::Foot ? 'shoe positions' : 'backstrokes',
                $today->backstrokeFactor(),
            ),
            refutedBy: 'A new measurement that agrees with the old one points to the strike.',
            instead: self::INSTEAD,
        );
    }

    private static function share(float $logOffset): string
    {
        return sprintf('%.0f %% %s', 100.0 * abs(exp($logOffset) - 1.0), $logOffset < 0.0 ? 'short' : 'long');
    }
}
