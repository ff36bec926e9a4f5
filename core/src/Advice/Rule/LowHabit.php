<?php

declare(strict_types=1);

namespace Amble\Core\Advice\Rule;

use Amble\Core\Advice\Clear;
use Amble\Core\Advice\Facts;
use Amble\Core\Advice\Note;
use Amble\Core\Advice\Rule;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\LookBack\Asked;
use Amble\Core\LookBack\Measure\LowSide;
use Amble\Core\LookBack\Measure\ReadError;
use Amble\Core\Numeric\StudentT;

/** Misses on breaking putts that go by on the low side with sound pace: too little break is read. */
final class LowHabit implements Rule
{
    private const FEWEST = 6;

    /** Less than half a hole is within what a read is good for, metres. */
    private const LEAST_BREAK = 0.05;

    public function note(Facts $facts): ?Note
    {
        $lately = $facts->lately;
        $misses = $lately === null ? [] : array_values(array_filter(LowSide::misses($lately), self::hasSoundPace(...)));
        $low = count(array_filter($misses, LowSide::isLow(...)));
        $n = count($misses);
        if ($lately === null || $n < self::FEWEST || 2 * $low <= $n || (!Clear::shareAbove($low, $n) && !self::readsTooLittle($lately))) {
            return null;
        }
        $sides = [];
        foreach (LowSide::bySide($lately, $misses) as $side => $balls) {
            $sides[] = sprintf('%s %d of %d', lcfirst($side), count(array_filter($balls, LowSide::isLow(...))), count($balls));
        }

        return new Note(
            'read.low',
            'Breaking putts go by on the low side.',
            sprintf('%d of %d misses that were not short: %s.', $low, $n, implode('; ', $sides)),
            0.7,
            min(1.0, ($low / $n - 0.5) / (4.0 * sqrt(0.25 / $n)) + 0.2),
            (string) (int) round(5.0 * $low / $n),
            match ($lately->checked->school('over_read')) {
                'more' => 'Lean to more break than is seen, and aim there; a line aimed too straight tempts one to hit hard.',
                'tests' => 'Roll test putts and add break until one drops; the last aim is the read of that hole.',
                default => 'Read more break, and aim there; a line aimed too straight tempts one to hit hard.',
            },
            'Some take a firmer pace on the line they see: choose one of the two.',
            'The next ten breaking putts missing on both sides.',
            null,
            $misses,
        );
    }

    /** One that came up short says nothing of the read. */
    private static function hasSoundPace(RolledBall $ball): bool
    {
        $roll = $ball->ball->rollMetres();

        return $roll === null || $ball->ball->target === null || $roll >= (1.0 - DistanceControl::DEFAULT_WINDOW) * Asked::length($ball);
    }

    /** Whether what was called is clearly less than such putts break. */
    private static function readsTooLittle(Asked $lately): bool
    {
        $called = ReadError::of($lately);
        if ($called?->value === null || $called->interval === null) {
            return false;
        }
        $error = ($called->interval->high - $called->interval->low) / (2.0 * StudentT::halfWidth(0.8, $called->n - 1));

        return $called->value < 0.0 && Clear::says($called->value, $error, self::LEAST_BREAK, $called->n - 1);
    }
}
