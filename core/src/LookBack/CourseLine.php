<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Change\Comparison;
use Amble\Core\Drill\Finding\FindingUnit;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\LookBack\Measure\FirstAndLast;

/** One measure over time: a point a session, and whether it has changed. This class is immutable. */
final readonly class CourseLine
{
    /**
     * @param string $question it answers
     * @param non-empty-list<CoursePoint> $points oldest first
     * @param string $sentence what may be said of its change
     * @param Comparison|null $change of the later half against the earlier one; null where a trend may not be told
     */
    private function __construct(
        public string $key,
        public string $question,
        public FindingUnit $unit,
        public array $points,
        public string $sentence,
        public ?Comparison $change,
    ) {
    }

    /**
     * @param class-string<Drawn> $measure
     * @param int $sessionsForTrend fewer sessions tell no trend, the coach's number
     */
    public static function of(string $key, string $measure, Asked $asked, int $sessionsForTrend): ?self
    {
        $points = [];
        $last = null;
        foreach ($asked->bySession() as $session => $balls) {
            $finding = $measure::of($balls);
            if ($finding?->value !== null) {
                $points[] = new CoursePoint($session, $balls->balls[0]->atMilliseconds ?? 0, $finding->value, $finding->interval, $finding->n);
                $last = $finding;
            }
        }
        if ($points === [] || $last === null) {
            return null;
        }
        // Of what is only drawn no change is called: the last session's own sentence stands.
        [$change, $sentence] = !is_subclass_of($measure, Tracked::class) ? [null, $last->sentence] : self::told($measure, $asked, $points, $sessionsForTrend);

        return new self($key, $last->question, $last->unit, $points, $sentence, $change);
    }

    /**
     * @param class-string<Tracked> $measure
     * @param non-empty-list<CoursePoint> $points
     *
     * @return array{Comparison|null, string}
     */
    private static function told(string $measure, Asked $asked, array $points, int $sessionsForTrend): array
    {
        $n = count($points);
        if ($n < max(2, $sessionsForTrend)) {
            return [null, sprintf('%s so far; a trend is told from %d.', $n === 1 ? 'One session' : "$n sessions", max(2, $sessionsForTrend))];
        }
        $sessions = array_map(static fn(CoursePoint $point): string => $point->sessionId, $points);
        $half = intdiv($n, 2);
        [$then, $now] = [self::ofSessions($asked, array_slice($sessions, 0, $n - $half)), self::ofSessions($asked, array_slice($sessions, $n - $half))];
        $change = $measure::change($then, $now);

        return [$change, sprintf(
            'The latest %s against the %s before: %s.',
            $half === 1 ? 'session' : "$half sessions",
            $n - $half === 1 ? 'one' : (string) ($n - $half),
            FirstAndLast::verdict($change, ...$measure::words()),
        )];
    }

    /**
     * Every measure of the same sessions is held against the same halves, which are worked out once.
     *
     * @param list<string> $sessions
     */
    private static function ofSessions(Asked $asked, array $sessions): Asked
    {
        return $asked->once(implode(' ', $sessions), static function (Asked $all) use ($sessions): Asked {
            $wanted = array_fill_keys($sessions, true);

            return $all->where(static fn(RolledBall $ball): bool => isset($wanted[$ball->sessionId]));
        });
    }
}
