<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Distance\UsualLength;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\CensoredNormal;

/** Green or student, without a backstroke: today's first balls at targets against what is usual (maths.md 5.2). */
final class DayReport
{
    /** An earlier session with fewer balls at targets says nothing of what is usual. */
    private const FEWEST_A_SESSION = 3;

    /** What is usual is told from so many of the latest balls at targets: older ones tell of an older stroke. */
    public const LATEST = 200;

    /**
     * One student's day, from their latest balls at targets.
     *
     * @param list<RolledBall> $balls oldest first; those beyond LATEST, and those at no target, are passed over
     * @param string $sessionId whose balls are today's
     */
    public static function student(array $balls, ?Surface $surface, string $sessionId): StudentToday
    {
        $sessions = self::bySession($balls, $surface);
        $todays = array_slice(self::errors($sessions[$sessionId] ?? [], $surface), 0, StudentToday::MOST_BALLS);
        unset($sessions[$sessionId]);
        $spread = self::spread($sessions, $surface);

        return StudentToday::of($todays, self::usual($sessions, $surface, $spread)?->bias, $spread);
    }

    /**
     * Where a student's balls usually finish, from earlier balls alone; null while no session tells it.
     *
     * @param list<RolledBall> $balls oldest first, none of today
     */
    public static function usualOf(array $balls, ?Surface $surface): ?UsualLength
    {
        $sessions = self::bySession($balls, $surface);

        return self::usual($sessions, $surface, self::spread($sessions, $surface));
    }

    /** @param non-empty-list<StudentToday> $students the one asked about first */
    public static function of(array $students): Today
    {
        return Today::of($students);
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return array<string, non-empty-list<RolledBall>> the latest that count, by session
     */
    private static function bySession(array $balls, ?Surface $surface): array
    {
        $atTargets = array_values(
            array_filter($balls, static fn(RolledBall $ball): bool => $ball->ball->target !== null),
        );
        $sessions = [];
        foreach ((new ForDistance($surface))->of(array_slice($atTargets, -self::LATEST)) as $ball) {
            $sessions[$ball->sessionId][] = $ball;
        }

        return $sessions;
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<Bound>
     */
    private static function errors(array $balls, ?Surface $surface): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(DistancePutt $putt): ?Bound => $putt->error,
                    (new ForDistance($surface))->putts($balls),
                ),
            ),
        );
    }

    /** @param array<string, non-empty-list<RolledBall>> $sessions */
    private static function usual(array $sessions, ?Surface $surface, ?float $spread): ?UsualLength
    {
        $means = [];
        $n = 0;
        foreach ($sessions as $balls) {
            $bounds = self::errors($balls, $surface);
            $exact = array_filter($bounds, static fn(Bound $bound): bool => $bound->isExact());
            if (count($exact) >= self::FEWEST_A_SESSION && $bounds !== []) {
                $means[] = CensoredNormal::meanAt($bounds, $spread ?? StudentToday::USUAL_SPREAD);
                $n += count($bounds);
            }
        }
        $bias = UsualBias::of($means);

        return $bias === null ? null : new UsualLength($bias, $spread, max(1, $n));
    }

    /**
     * The student's own spread of single balls; null while too few balls tell it.
     *
     * @param array<string, non-empty-list<RolledBall>> $sessions
     */
    private static function spread(array $sessions, ?Surface $surface): ?float
    {
        $earlier = array_merge(...array_values($sessions));

        return count($earlier) < ForDistance::FEWEST
            ? null
            : DistanceControl::of((new ForDistance($surface))->putts($earlier))->spread;
    }
}
