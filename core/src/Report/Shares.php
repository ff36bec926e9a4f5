<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;

/** Shares of balls with Wilson's interval at 80 %. */
final class Shares
{
    public const LEVEL = 0.8;

    /**
     * @template Ball of object
     *
     * @param list<Ball> $balls
     * @param \Closure(Ball): bool $counts
     */
    public static function row(string $name, array $balls, \Closure $counts): FindingRow
    {
        return self::counted($name, count(array_filter($balls, $counts)), count($balls));
    }

    /** @param int $hits of $n, both at least 0 */
    public static function counted(string $name, int $hits, int $n): FindingRow
    {
        return new FindingRow(
            $name,
            FindingUnit::Share,
            $n === 0 ? null : $hits / $n,
            $n,
            $n === 0 ? null : Interval::wilson($hits, $n, self::LEVEL),
        );
    }

    /**
     * How much larger one share is than another: Newcombe's interval of the difference at 80 % (R. G. Newcombe 1998,
     * Statistics in Medicine 17, 873), from Wilson's of each.
     */
    public static function apart(FindingRow $one, FindingRow $other): Interval
    {
        [$share, $than] = [(float) $one->value, (float) $other->value];
        [$ends, $its] = [
            $one->interval ?? new Interval($share, $share),
            $other->interval ?? new Interval($than, $than),
        ];

        return new Interval(
            $share - $than - hypot($share - $ends->low, $its->high - $than),
            $share - $than + hypot($ends->high - $share, $than - $its->low),
        );
    }
}
