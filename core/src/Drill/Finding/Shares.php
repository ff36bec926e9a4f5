<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

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
        $n = count($balls);
        $hits = count(array_filter($balls, $counts));

        return new FindingRow(
            $name,
            FindingUnit::Share,
            $n === 0 ? null : $hits / $n,
            $n,
            $n === 0 ? null : Interval::wilson($hits, $n, self::LEVEL),
        );
    }
}
