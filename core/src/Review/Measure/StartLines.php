<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Direction\Side;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Interval;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Prepares;

/**
 * What the measures of the start line share: gates, rails and sensors together, and what an eye told beside them
 * (maths.md 4.2).
 */
final class StartLines implements Prepares
{
    /** Bounds and angles as names of fields, radians to this many digits. */
    private const DIGITS = '%.17g';

    public static function prepare(BallSelection $balls): array
    {
        $bounds = $halves = [];
        $sides = ['left' => 0, 'right' => 0];
        $measured = 0;
        $selection = new ForStartLine();
        foreach ($selection->of($balls->balls()) as $ball) {
            foreach ($selection->bounds([$ball]) as $bound) {
                $name = self::named($bound);
                $bounds[$name] = ($bounds[$name] ?? 0) + 1;
            }
            $side = self::side($ball);
            if ($side !== null) {
                ++$sides[$side->value];
            }
            if ($ball->ball->sight->number('start_deg') !== null) {
                ++$measured;
            } else {
                $half = '=' . sprintf(self::DIGITS, $ball->startLineTest()?->halfAngle() ?? 0.0);
                $halves[$half] = ($halves[$half] ?? 0) + 1;
            }
        }

        return [
            'bounds' => $bounds,
            'halves' => $halves,
            'sides' => $sides,
            'measured' => $measured,
            'eye' => ForStartLine::countsByEye($balls->balls()),
        ];
    }

    /** A bound as the name of a field: both ends, an open one left empty. */
    private static function named(Bound $bound): string
    {
        $end = static fn(float $radians): string => is_finite($radians) ? sprintf(self::DIGITS, $radians) : '';

        return $end($bound->low) . '..' . $end($bound->high);
    }

    /**
     * @return list<Bound> radians, positive right
     */
    public static function bounds(BallSelection $asked): array
    {
        return $asked->once('start bounds', static function (BallSelection $some): array {
            $bounds = [];
            foreach (self::kept($some)['bounds'] ?? [] as $name => $n) {
                [$low, $high] = array_map(
                    static fn(string $end): ?float => $end === '' ? null : (float) $end,
                    explode('..', $name),
                );
                $bound = $low !== null && $low === $high ? Bound::exactly($low) : Bound::between($low, $high);
                for ($i = 0; $i < $n; ++$i) {
                    $bounds[] = $bound;
                }
            }

            return $bounds;
        });
    }

    public static function fit(BallSelection $asked): DirectionFit
    {
        return $asked->once(
            'start line',
            static fn(BallSelection $some): DirectionFit => (new DirectionFitter())->fit(self::bounds($some)),
        );
    }

    /**
     * Whether the gates let nearly all of these starts pass, so that no bias can be told: a narrower one would tell it.
     */
    public static function isGateTooWide(BallSelection $asked): bool
    {
        $kept = self::kept($asked);
        $halves = array_map(
            static fn(string $name): float => (float) substr($name, 1),
            array_keys($kept['halves'] ?? []),
        );
        $spread = self::fit($asked)->spread;

        return ($kept['measured'] ?? 0) === 0 &&
            $spread !== null &&
            $halves !== [] &&
            GateChoice::isTooWide(min($halves), $spread);
    }

    /** "By eye: 3 left, 12 on line, 5 right."; empty where nobody said. */
    public static function eyeInWords(BallSelection $asked): string
    {
        $counts = self::kept($asked)['eye'] ?? [];

        return array_sum($counts) === 0
            ? ''
            : sprintf('By eye: %d left, %d on line, %d right.', $counts['left'], $counts['on'], $counts['right']);
    }

    /** @return array{int, int} balls certainly left of the line, and right of it */
    public static function sides(BallSelection $asked): array
    {
        $sides = self::kept($asked)['sides'] ?? [];

        return [$sides['left'] ?? 0, $sides['right'] ?? 0];
    }

    /**
     * @return array{
     *     bounds?: array<string, int>,
     *     halves?: array<string, int>,
     *     sides?: array<string, int>,
     *     measured?: int,
     *     eye?: array<string, int>,
     * }
     */
    private static function kept(BallSelection $asked): array
    {
        /** @var array{bounds?: array<string, int>, halves?: array<string, int>, sides?: array<string, int>, measured?: int, eye?: array<string, int>} $kept */
        $kept = $asked->prepared(self::class);

        return $kept;
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
