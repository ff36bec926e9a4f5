<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Numeric\Sample;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\Measure\ReadError;

/**
 * Misses on breaking putts that go by on one side with sound pace: low, and too little break is read; high, and too
 * much.
 * A green speed that was measured wrong makes the calculated break wrong by as much, so calls say so only beyond that.
 */
final class ReadMisses implements Rule
{
    private const FEWEST = 6;

    /** Less than this share of the break is within what a wrong green speed explains. */
    private const LEAST_SHARE = 0.25;

    /** A break of less than half a hole is within what a read is good for, metres. */
    private const LEAST_BREAK_M = 0.05;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        $misses = $lately === null ? [] : array_values(array_filter(LowSide::misses($lately), self::hasSoundPace(...)));
        $n = count($misses);
        $low = count(array_filter($misses, LowSide::isLow(...)));
        if ($lately === null || $n < self::FEWEST || 2 * $low === $n) {
            return null;
        }
        $isLow = 2 * $low > $n;
        $hits = $isLow ? $low : $n - $low;
        $called = self::calledShare($lately);
        // Where breaks were called they decide: sides alone may come from the pace or a slope told wrong.
        $isClear =
            $called === null
                ? Significance::shareAbove($hits, $n)
                : $called[0] < 0.0 === $isLow &&
                    Significance::says($called[0], $called[1], self::LEAST_SHARE, $called[2] - 1);

        return $isClear ? self::insight($lately, $misses, $isLow, $hits, $called) : null;
    }

    /**
     * @param list<RolledBall> $misses
     * @param array{float, float, int}|null $called
     */
    private static function insight(
        BallSelection $lately,
        array $misses,
        bool $isLow,
        int $hits,
        ?array $called,
    ): Insight {
        $n = count($misses);
        $side = $isLow ? 'low' : 'high';
        $sides = [];
        foreach (LowSide::bySide($lately, $misses) as $name => $balls) {
            $sides[] = sprintf(
                '%s %d of %d',
                lcfirst($name),
                count(array_filter($balls, static fn(RolledBall $ball): bool => LowSide::isLow($ball) === $isLow)),
                count($balls),
            );
        }

        return new Insight(
            key: "read.$side",
            seen: "Breaking putts miss on the $side side.",
            evidence: sprintf('%d of %d misses that were not short: %s.', $hits, $n, implode('; ', $sides)) .
                ($called === null
                    ? ''
                    : sprintf(
                        ' Of the break of %d called putts %.0f %% was called.',
                        $called[2],
                        100.0 * (1.0 + $called[0]),
                    )),
            cost: 0.7,
            sureness: min(1.0, ($hits / $n - 0.5) / (4.0 * sqrt(0.25 / $n)) + 0.2),
            stamp: (string) (int) round((5.0 * $hits) / $n),
            try: $isLow
                ? self::more($lately->checked->school('over_read'))
                : 'Read less break, or let the ball die at the hole. Check the distance first, then the line.',
            otherWay: $isLow
                ? 'Some coaches take a firmer pace on the line the student sees: choose one.'
                : 'Some coaches keep the line and putt softer: choose one.',
            refutedBy: 'Ten more breaking putts with misses on both sides.',
            school: null,
            balls: $misses,
        );
    }

    private static function more(string $school): string
    {
        return match ($school) {
            'more'
                => 'Aim for more break than the student sees. A line that is too straight leads to hitting too hard.',
            'tests' => 'Roll test putts and add break until one drops. The last aim is the read of that hole.',
            default => 'Read more break, and aim there. A line that is too straight leads to hitting too hard.',
        };
    }

    /** One that came up short says nothing of the read. */
    private static function hasSoundPace(RolledBall $ball): bool
    {
        [$roll, $meant] = [$ball->ball->rollMetres(), $ball->meant()?->metres()];

        return $roll === null || $meant === null || $roll >= (1.0 - DistanceControl::DEFAULT_WINDOW) * $meant;
    }

    /**
     * @return array{float, float, int}|null mean error of the called break as a share of it, its standard error, and
     *     calls; null while they are few
     */
    private static function calledShare(BallSelection $lately): ?array
    {
        $shares = [];
        foreach (array_merge(...array_values(ReadError::calledAndReal($lately))) as [$called, $real]) {
            if ($real >= self::LEAST_BREAK_M) {
                $shares[] = $called / $real - 1.0;
            }
        }

        return count($shares) < self::FEWEST
            ? null
            : [Sample::mean($shares), sqrt((float) Sample::variance($shares) / count($shares)), count($shares)];
    }
}
