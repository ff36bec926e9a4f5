<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Direction\Side;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallSelection;

/**
 * What the measures of the start line share: gates, rails and sensors together, and what an eye told beside them
 * (maths.md 4.2).
 */
final class StartLines
{
    public static function fit(BallSelection $asked): DirectionFit
    {
        return $asked->once(
            'start line',
            static fn(BallSelection $some): DirectionFit => (new DirectionFitter())->fit(
                (new ForStartLine())->bounds($some->balls),
            ),
        );
    }

    /**
     * Whether the gates let nearly all of these starts pass, so that no bias can be told: a narrower one would tell it.
     */
    public static function isGateTooWide(BallSelection $asked): bool
    {
        $spread = self::fit($asked)->spread;
        $halves = [];
        foreach ((new ForStartLine())->of($asked->balls) as $ball) {
            if ($ball->ball->sight->number('start_deg') !== null) {
                return false;
            }
            $halves[] = $ball->startLineTest()?->halfAngle() ?? 0.0;
        }

        return $spread !== null && $halves !== [] && GateChoice::isTooWide(min($halves), $spread);
    }

    /** "By eye: 3 left, 12 on line, 5 right."; empty where nobody said. */
    public static function eyeInWords(BallSelection $asked): string
    {
        $counts = ForStartLine::countsByEye($asked->balls);

        return array_sum($counts) === 0
            ? ''
            : sprintf('By eye: %d left, %d on line, %d right.', $counts['left'], $counts['on'], $counts['right']);
    }

    /** @return array{int, int} balls certainly left of the line, and right of it */
    public static function sides(BallSelection $asked): array
    {
        $sides = array_map(self::side(...), (new ForStartLine())->of($asked->balls));

        return [
            count(array_filter($sides, static fn(?Side $side): bool => $side === Side::Left)),
            count(array_filter($sides, static fn(?Side $side): bool => $side === Side::Right)),
        ];
    }

    /** To which side of its line a ball certainly started; null where that is not known. */
    public static function side(RolledBall $ball): ?Side
    {
        $bound = (new ForStartLine())->bounds([$ball])[0] ?? null;

        return match (true) {
            $bound === null => Side::tryFrom(ForStartLine::byEye($ball) ?? ''),
            $bound->high <= 0.0 => Side::Left,
            $bound->low >= 0.0 => Side::Right,
            default => null,
        };
    }

    public static function inDegrees(?Interval $interval): ?Interval
    {
        return $interval?->times(180.0 / M_PI);
    }

    /** "; from 6 only" where they are few. */
    public static function few(int $n): string
    {
        return $n < Finding::FEW ? " That is from $n only." : '';
    }
}
