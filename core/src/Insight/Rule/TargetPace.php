<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\FinishPastHole;

/** Balls at a hole that do not finish as far past it as is played for. */
final class TargetPace implements Rule
{
    private const FEWEST = 12;

    /** Less than this is not seen on a green, metres. */
    private const LEAST = 0.15;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $finding = $lately === null ? null : FinishPastHole::of($lately);
        if (
            $lately === null ||
            $finding?->value === null ||
            $finding->interval === null ||
            $finding->n < self::FEWEST
        ) {
            return null;
        }
        $off = $finding->value - $lately->pace;
        // Days differ by a share of the length, and few sessions average little of it out.
        $lengths = array_map(
            BallSelection::length(...),
            array_filter($lately->balls(), static fn(RolledBall $ball): bool => $ball->isAtHole),
        );
        $error = hypot(
            $finding->interval->error(),
            (Significance::daysApart($lately) * array_sum($lengths)) / max(1, count($lengths)),
        );

        return !Significance::says($off, $error, self::LEAST, $finding->n - 1)
            ? null
            : new Insight(
                key: 'pace.target',
                seen: sprintf(
                    'Balls finish %s the planned %s past the hole.',
                    $off < 0.0 ? 'short of' : 'beyond',
                    FigureText::metres($lately->pace),
                ),
                evidence: $finding->sentence,
                cost: 0.4 * min(1.0, abs($off) / 0.3),
                sureness: Significance::sureness($off, $error),
                stamp: sprintf('%+.0f', 5.0 * $off),
                try: 'Set a tee where the ball should finish, and roll to it instead of the hole.',
                otherWay: 'Or plan for what is putted: change the finish past the hole on the profile.',
                refutedBy: 'Twelve balls that finish on both sides of it.',
            );
    }
}
