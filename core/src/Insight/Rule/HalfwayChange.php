<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Change\WithinSession;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Review\BallSelection;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;

/**
 * Balls that finish shorter, or longer, from some ball of the session on (maths.md 8.3).
 *
 * Where backstrokes were noted they must not speak against it, and a step of theirs speaks for it: they scatter less
 * than balls do, so a student who takes less back is seen earlier.
 */
final class HalfwayChange implements Rule
{
    /**
     * Normal scores of |t|: with few degrees a large t is less than it seems. What the balls need besides 8.3's own
     * limit.
     */
    private const BY_BALL = 3.0;

    /** What stands alone, whatever the backstrokes say. */
    private const ALONE = 3.8;

    /** A step of the backstrokes that says it, where the balls agree. */
    private const BY_BACKSTROKE = 3.5;

    /** |t| that agrees with what the other says. */
    private const AGREES = 1.8;

    public function note(InsightFacts $facts): ?Insight
    {
        $balls = $facts->session === null ? [] : self::balls($facts->session);
        $within = self::change($balls, $facts->fit);
        $range = $within?->range();
        if ($facts->session === null || $within?->split === null || $range === null) {
            return null;
        }
        $isShorter = (float) $within->step < 0.0;
        $ends = [abs($range->low), abs($range->high)];
        $since = array_slice(array_column($balls, 0), $within->split);
        // The number the coach reads in the list of balls, whatever was left out before it.
        $number = 1 + (int) array_search($since[0], $facts->session->balls(), true);

        return new Insight(
            key: 'pace.halfway',
            seen: sprintf('From about ball %d on, balls finish %s.', $number, $isShorter ? 'shorter' : 'longer'),
            evidence: $range->contains(0.0)
                ? sprintf(
                    'By up to %.0f %% of the length; %d balls before, %d since.',
                    100.0 * max($ends),
                    $within->split,
                    count($since),
                )
                : sprintf(
                    'By %.0f to %.0f %% of the length; %d balls before, %d since.',
                    100.0 * min($ends),
                    100.0 * max($ends),
                    $within->split,
                    count($since),
                ),
            cost: 0.76,
            sureness: min(1.0, abs((float) $within->t) / 5.0),
            stamp: sprintf('%d %+.0f', intdiv($number, 5), 20.0 * (float) $within->step),
            try: $isShorter
                ? 'Rest for a few minutes, then six balls at one length: tired arms and a hurried stroke both roll short.'
                : 'Check whether the stroke has become quicker, then six balls at one length.',
            otherWay: 'The green may have changed: dew, sun or wind. Measure it again.',
            refutedBy: 'Twelve more balls that finish as the first ones did.',
            school: null,
            balls: $since,
            instead: ['pace.either', 'pace.student', 'stroke.offset'],
        );
    }

    /**
     * @param list<array{RolledBall, float, string}> $balls
     *
     * @return WithinSession|null the step of the balls, where it is worth a remark
     */
    private static function change(array $balls, StrokeFit $fit): ?WithinSession
    {
        $errors = array_map(static fn(array $ball): array => [$ball[1], $ball[2]], $balls);
        $byBall = WithinSession::of($errors);
        $backstrokes = self::backstrokes($balls, $fit);
        if ($backstrokes === null || $byBall->split === null) {
            return $byBall->isRemarkable() ? $byBall : null;
        }
        $byBackstroke = WithinSession::of($backstrokes);
        $agree = static fn(?WithinSession $one, ?WithinSession $other): bool => $one?->t !== null &&
            $other?->t !== null &&
            $one->t * $other->t > 0.0 &&
            abs($other->t) >= self::AGREES;
        $atBackstroke = $byBackstroke->split === null ? null : WithinSession::after($errors, $byBackstroke->split);

        return match (true) {
            $byBall->isRemarkable() &&
                $byBall->normalScore() >=
                    ($agree($byBall, WithinSession::after($backstrokes, $byBall->split)) ? self::BY_BALL : self::ALONE)
                => $byBall,
            $byBackstroke->normalScore() >= self::BY_BACKSTROKE && $agree($byBackstroke, $atBackstroke)
                => $atBackstroke,
            default => null,
        };
    }

    /**
     * How far each backstroke lies from the one the student's line calls for, as a share of the roll; null where one is
     * not known.
     *
     * @param list<array{RolledBall, float, string}> $balls
     *
     * @return list<array{float, string}>|null
     */
    private static function backstrokes(array $balls, StrokeFit $fit): ?array
    {
        $shares = [];
        foreach ($balls as [$ball, , $station]) {
            [$backstroke, $speed, $meant] = [$ball->ball->backstroke, $ball->speed(), $ball->meant()];
            if ($fit->state !== FitState::Fitted || $backstroke === null || $speed === null || $meant === null) {
                return null;
            }
            $needed = $fit->backstrokeFor($meant, $speed, $ball->ball->grade);
            if ($needed === null) {
                return null;
            }
            $shares[] = [(float) $fit->beta() * log($backstroke->metres() / $needed->metres), $station];
        }

        return $shares;
    }

    /**
     * @return list<array{RolledBall, float, string}> balls that tell a length, each with its error and station, in
     *     their order
     */
    private static function balls(BallSelection $session): array
    {
        $selection = new ForDistance($session->surface);
        $balls = [];
        foreach ($selection->of($session->balls()) as $ball) {
            $error = $selection->putts([$ball])[0]->error ?? null;
            if ($error?->isExact() === true) {
                $balls[] = [
                    $ball,
                    $error->low,
                    sprintf('%.2f %.3f %d', BallSelection::length($ball), $ball->ball->grade->ratio(), $ball->isAtHole),
                ];
            }
        }

        return $balls;
    }
}
