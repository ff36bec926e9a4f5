<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\StudentToday;
use Amble\Core\Distance\Today;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\CensoredNormal;

/** Green or student, without a backstroke: today's first balls at targets against what is usual (maths.md 5.2). */
final class DayLook
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
        $selection = new ForDistance($surface);
        $atTargets = array_values(array_filter($balls, static fn(RolledBall $ball): bool => $ball->ball->target !== null));
        $sessions = [];
        foreach ($selection->of(array_slice($atTargets, -self::LATEST)) as $ball) {
            $sessions[$ball->sessionId][] = $ball;
        }
        $errors = array_map(
            static fn(array $rolled): array => array_values(array_filter(array_map(
                static fn($putt): ?Bound => $putt->error,
                $selection->putts($rolled),
            ))),
            $sessions,
        );
        $todays = array_slice($errors[$sessionId] ?? [], 0, StudentToday::MOST_BALLS);
        unset($errors[$sessionId]);
        $earlier = array_merge(...array_values($sessions === [] ? [] : array_diff_key($sessions, [$sessionId => true])));
        $spread = count($earlier) < ForDistance::FEWEST ? null : DistanceControl::of($selection->putts($earlier))->spread;

        return StudentToday::of($todays, self::usual($errors, $spread), $spread);
    }

    /** @param non-empty-list<StudentToday> $students the one asked about first */
    public static function of(array $students): Today
    {
        return Today::of($students);
    }

    /** @param array<string, list<Bound>> $sessions */
    private static function usual(array $sessions, ?float $spread): ?UsualBias
    {
        $means = [];
        foreach ($sessions as $bounds) {
            $exact = array_filter($bounds, static fn(Bound $bound): bool => $bound->isExact());
            if (count($exact) >= self::FEWEST_A_SESSION && $bounds !== []) {
                $means[] = CensoredNormal::meanAt($bounds, $spread ?? StudentToday::USUAL_SPREAD);
            }
        }

        return UsualBias::of($means);
    }
}
