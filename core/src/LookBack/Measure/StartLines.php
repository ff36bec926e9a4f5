<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Drill\Finding\Finding;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\LookBack\Asked;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Interval;

/** What the measures of the start line share: gates, rails, spots and looks, mixed (maths.md 4.2). */
final class StartLines
{
    public static function fit(Asked $asked): DirectionFit
    {
        return $asked->once('start line', static fn(Asked $some): DirectionFit => (new DirectionFitter())->fit((new ForStartLine())->bounds($some->balls)));
    }

    /** @return array{int, int} balls certainly left of the line, and right of it */
    public static function sides(Asked $asked): array
    {
        $bounds = (new ForStartLine())->bounds($asked->balls);

        return [
            count(array_filter($bounds, static fn(Bound $bound): bool => $bound->high <= 0.0)),
            count(array_filter($bounds, static fn(Bound $bound): bool => $bound->low >= 0.0)),
        ];
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
