<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;

/**
 * How much of the break is called: the slope of called against needed through the origin, less one, b = Σ c n / Σ n².
 *
 * Who misreads misreads much of a big break and little of a small one, so the usual error is too small; this one takes
 * each call's own miss, r = c − b n, with its leverage h = n² / Σ n² (HC3, MacKinnon & White 1985, J. Econometrics 29,
 * 305): √(Σ (n r / (1 − h))²) / Σ n², and Student's interval.
 */
final class ReadHabit
{
    public const QUESTION = 'How much of the break is called?';

    /** Fewer calls make no habit. */
    private const FEWEST = 5;

    /** Putts that break less tell nothing of it, metres beside the hole. */
    private const STRAIGHT = 0.02;

    /**
     * @param list<array{float, float, string}> $calls called and needed aim, metres, positive to the same side, and how
     *     the putt curves
     */
    public static function of(array $calls): ?Finding
    {
        $told = array_values(array_filter($calls, static fn(array $call): bool => abs($call[1]) >= self::STRAIGHT));
        if (count($told) < self::FEWEST) {
            return null;
        }
        $whole = self::row('', $told);
        $sides = [];
        foreach ($told as $call) {
            $sides[$call[2]][] = $call;
        }
        ksort($sides);
        $value = (float) $whole->value;

        return new Finding(
            self::QUESTION,
            sprintf(
                'Calls come to %s of the break%s.',
                FigureText::percent(1.0 + $value),
                $whole->interval?->contains(0.0) === true
                    ? ', which is not clearly off'
                    : sprintf(': %s too %s', FigureText::percent(abs($value)), $value < 0.0 ? 'little' : 'much'),
            ),
            FindingUnit::Difference,
            $value,
            $whole->interval,
            count($told),
            null,
            count($sides) < 2 ? [] : array_map(self::row(...), array_keys($sides), array_values($sides)),
        );
    }

    /** @param non-empty-list<array{float, float, string}> $calls */
    private static function row(string $name, array $calls): FindingRow
    {
        $products = array_sum(array_map(static fn(array $call): float => $call[0] * $call[1], $calls));
        $squares = array_sum(array_map(static fn(array $call): float => $call[1] ** 2, $calls));
        $slope = $products / $squares;
        $n = count($calls);
        $missed = array_sum(
            array_map(
                static fn(array $call): float => (($call[1] * ($call[0] - $slope * $call[1])) /
                    max(1e-9, 1.0 - $call[1] ** 2 / $squares)) **
                    2,
                $calls,
            ),
        );

        return new FindingRow(
            $name,
            FindingUnit::Difference,
            $slope - 1.0,
            $n,
            $n < 2
                ? null
                : Interval::around(
                    $slope - 1.0,
                    (StudentT::halfWidth(Shares::LEVEL, $n - 1) * sqrt($missed)) / $squares,
                ),
        );
    }
}
