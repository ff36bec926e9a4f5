<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Stroke\FitState;
use Amble\Core\Units\Length;

/** A backstroke longer, or shorter, than the student's own curve asks for at a length: the figure to take instead. */
final class BackstrokeTooLong implements Rule
{
    private const FEWEST = 10;

    /** Less than this is within what a rule beside the ball tells, share of the backstroke. */
    private const LEAST = 0.05;

    public function note(InsightFacts $facts): ?Insight
    {
        $off = $rolled = [];
        foreach ($facts->lately?->balls() ?? [] as $ball) {
            $needed = self::needed($facts, $ball);
            if ($needed !== null && $ball->ball->backstroke !== null) {
                $off[] = log($ball->ball->backstroke->metres() / $needed);
                $rolled[] = [$ball, $needed];
            }
        }
        if (count($off) < self::FEWEST) {
            return null;
        }
        $mean = Sample::mean($off);
        // How even the backstrokes are, how well the curve itself is known there, and that the curve's days differ.
        $beta = (float) $facts->fit->beta();
        $days = $facts->lately === null ? 0.0 : Significance::daysApart($facts->lately);
        $error = sqrt(
            ((float) Sample::variance($off) + ((float) $facts->fit->sigma / $beta) ** 2) / count($off) +
                ($days / $beta) ** 2,
        );
        if (!Significance::says($mean, $error, self::LEAST, count($off) - 1)) {
            return null;
        }
        [$last, $needed] = $rolled[count($rolled) - 1];

        return new Insight(
            key: 'stroke.too_long',
            seen: sprintf(
                'Backstrokes are %.0f %% %s than this student\'s own curve says for these lengths.',
                100.0 * abs(exp($mean) - 1.0),
                $mean > 0.0 ? 'longer' : 'shorter',
            ),
            evidence: sprintf(
                '%d balls at targets; from %s %s was taken where the curve says %s.',
                count($off),
                FigureText::metres((float) $last->ball->target?->metres()),
                FigureText::metres((float) $last->ball->backstroke?->metres()),
                FigureText::metres($needed),
            ),
            cost: 0.78 * min(1.0, abs($mean) / 0.05),
            sureness: Significance::sureness($mean, $error),
            stamp: sprintf('%+.0f', 20.0 * $mean),
            try: sprintf(
                'Take %.2f times the backstroke, at the same tempo; do not %s the through-swing.',
                exp(-$mean),
                $mean > 0.0 ? 'slow' : 'quicken',
            ),
            otherWay: null,
            refutedBy: 'Balls at the curve\'s own backstroke still finishing ' .
                ($mean > 0.0 ? 'long' : 'short') .
                ': then it is the green or the strike.',
            school: null,
            balls: array_map(static fn(array $pair): RolledBall => $pair[0], $rolled),
            instead: ['pace.habit', 'pace.target'],
        );
    }

    /** The curve's backstroke for where this ball was meant to finish, metres; null where nobody can tell. */
    private static function needed(InsightFacts $facts, RolledBall $ball): ?float
    {
        [$speed, $meant] = [$ball->speed(), $ball->meant()];
        if (
            $facts->fit->state !== FitState::Fitted ||
            $speed === null ||
            $meant === null ||
            $ball->ball->remarks->mark !== null ||
            $ball->task?->movesTheTarget() === true ||
            $ball->isMeasuringStroke
        ) {
            return null;
        }

        return $facts->fit->backstrokeFor($meant, $speed, $ball->ball->grade)?->metres;
    }
}
