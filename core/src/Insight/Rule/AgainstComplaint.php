<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\Measure\Pace;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Student\Complaint;

/** Evidence that what the student came for is in order: one starts from the balls, not from the complaint. */
final class AgainstComplaint implements Rule
{
    /** Fewer balls clear nobody. */
    private const FEWEST = 20;

    /** In order is: the whole 95 % interval within this. Share of length; radians; a spread as of a good player. */
    private const PACE = 0.05;
    private const START = 0.0105;
    private const PACE_SPREAD = 0.12;
    private const START_SPREAD = 0.031;

    public function note(InsightFacts $facts): ?Insight
    {
        $evidence =
            $facts->lately === null || $facts->complaint === null
                ? null
                : self::inOrder($facts->complaint, $facts->lately);

        return $evidence === null
            ? null
            : new Insight(
                key: 'complaint.against',
                seen: sprintf(
                    'The balls do not confirm the complaint: %s is in order.',
                    match ($facts->complaint) {
                        Complaint::Pace => 'the distance control',
                        Complaint::StartLine => 'the start line',
                        default => 'the read',
                    },
                ),
                evidence: $evidence,
                cost: 0.6,
                sureness: 0.8,
                stamp: $facts->complaint->value ?? '',
                try: 'Start from what the balls show, and say so kindly: the cause is often the read.',
                otherWay: 'Or the course shows what practice does not: log a round hole by hole.',
                refutedBy: 'The same figures from a round, or under pressure.',
            );
    }

    /** What says that it is in order; null where that is not so, or not known. */
    private static function inOrder(Complaint $complaint, BallSelection $lately): ?string
    {
        return match ($complaint) {
            Complaint::Pace => self::pace($lately),
            Complaint::StartLine => self::start($lately),
            Complaint::Read => self::read($lately),
        };
    }

    private static function pace(BallSelection $lately): ?string
    {
        $control = Pace::control($lately);
        [$bias, $spread] = [$control?->biasInterval, $control?->spreadInterval];
        if (
            $control === null ||
            $bias === null ||
            $spread === null ||
            Pace::countKnownErrors($control) < self::FEWEST
        ) {
            return null;
        }

        return max(abs($bias->low), abs($bias->high)) > self::PACE || $spread->high > self::PACE_SPREAD
            ? null
            : sprintf(
                '%d balls: on average %s, two in three within %s of it.',
                Pace::countKnownErrors($control),
                FigureText::ofLength((float) $control->bias),
                FigureText::percent((float) $control->spread),
            );
    }

    private static function start(BallSelection $lately): ?string
    {
        $fit = StartLines::fit($lately);
        [$bias, $spread] = [$fit->biasInterval(0.95), $fit->spreadInterval(0.95)];
        if ($bias === null || $spread === null || $fit->n < self::FEWEST) {
            return null;
        }

        return max(abs($bias->low), abs($bias->high)) > self::START || $spread->high > self::START_SPREAD
            ? null
            : sprintf(
                '%d starts: on average %s, two in three within %.1f° of it.',
                $fit->n,
                FigureText::degrees((float) $fit->bias),
                rad2deg((float) $fit->spread),
            );
    }

    private static function read(BallSelection $lately): ?string
    {
        $misses = LowSide::misses($lately);
        $low = count(array_filter($misses, LowSide::isLow(...)));
        if (count($misses) < self::FEWEST) {
            return null;
        }
        $interval = Interval::wilson($low, count($misses), 0.8);

        return $interval->low > 0.5 || $interval->high < 0.5
            ? null
            : sprintf('%d of %d misses low, the others high: neither side.', $low, count($misses));
    }
}
