<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * Whether balls with a finish held, a routine kept or a longer look at the target finish nearer than those without: the
 * share inside a tenth of the length. A look is long above the middle one of these balls.
 */
final class WithAndWithout implements Measure
{
    /** What is compared, and how the two sides are called. */
    public const PAIRS = [
        'held' => ['the finish held', 'the head up early'],
        'routine' => ['the routine followed', 'the routine not followed'],
        'doubt' => ['not committed', 'committed'],
        'stepped_off' => ['a step off first', 'no step off'],
        'pictured' => ['line and drop pictured', 'neither pictured'],
        'look_s' => ['a longer look at the target', 'a shorter look'],
    ];

    public static function of(BallSelection $asked): ?Finding
    {
        $parts = $rows = [];
        $difference = $interval = null;
        $n = 0;
        foreach (array_keys(self::PAIRS) as $name) {
            $pair = self::pair($asked, $name);
            if ($pair !== null) {
                [$with, $without, $apart, $ends] = $pair;
                $rows = [...$rows, $with, $without];
                [$difference, $interval] = [$difference ?? $apart, $interval ?? $ends];
                $n += $with->n + $without->n;
                $parts[] = sprintf(
                    'With %s %d of %d within 10 %%, with %s %d of %d: %s.',
                    self::PAIRS[$name][0],
                    $with->count(),
                    $with->n,
                    self::PAIRS[$name][1],
                    $without->count(),
                    $without->n,
                    $ends->contains(0.0) ? 'no clear difference' : 'a clear difference',
                );
            }
        }

        return $rows === []
            ? null
            : new Finding(
                'With and without',
                implode(' ', $parts),
                FindingUnit::Difference,
                $difference,
                $interval,
                $n,
                null,
                $rows,
            );
    }

    /**
     * The share inside with it and without, and how much more it is with.
     *
     * @return array{FindingRow, FindingRow, float, Interval}|null with, without, how much more with; null where a side
     *     is empty
     */
    public static function pair(BallSelection $asked, string $name): ?array
    {
        $asked = $asked->having($name);
        if ($asked->balls() === []) {
            return null;
        }
        $isWith = self::isWith($asked, $name);
        $side = static fn(bool $is): BallSelection => $asked->where(
            static fn(RolledBall $ball): bool => $isWith($ball) === $is,
        );
        [$with, $without] = [
            Pace::inside('With ' . self::PAIRS[$name][0], Pace::control($side(true))),
            Pace::inside('With ' . self::PAIRS[$name][1], Pace::control($side(false))),
        ];

        return $with === null || $without === null
            ? null
            : [$with, $without, (float) $with->value - (float) $without->value, Shares::apart($with, $without)];
    }

    /**
     * @return \Closure(RolledBall): bool of balls that have the answer; a number counts above the middle one of them
     */
    private static function isWith(BallSelection $asked, string $name): \Closure
    {
        $number = static fn(RolledBall $ball): ?float => $ball->ball->sight->number($name);
        $numbers = array_values(array_filter(array_map($number, $asked->balls()), is_float(...)));
        $middle = $numbers === [] ? 0.0 : Sample::median($numbers);

        return static fn(
            RolledBall $ball,
        ): bool => $ball->ball->sight->flag($name) ?? ($number($ball) ?? 0.0) > $middle;
    }
}
