<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Review\Measure\Strokes;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokePutt;

/** A student's backstroke and roll as one session looks back on it. This class is immutable. */
final readonly class StrokeReport
{
    /** Balls of other days drawn, the latest: more would hide today's. */
    private const MOST_DRAWN = 600;

    /**
     * @param SessionOffset|null $today against the line of the sessions before; null without either
     * @param array<string, positive-int> $leftOut how many, by reason
     * @param list<ReviewedBall> $balls oldest first
     */
    private function __construct(
        public StrokePrior $prior,
        public StrokeFit $fit,
        public int $nToday,
        public ?SessionOffset $today,
        public array $leftOut,
        public array $balls,
    ) {}

    /** @param BallSelection $asked all of one student's on a kind of surface */
    public static function of(BallSelection $asked, string $sessionId, StrokePrior $prior): self
    {
        $bySession = array_map(Strokes::putts(...), $asked->bySession());
        $fit = (new StrokeFitter(new FitOptions($prior)))->fit(array_merge(...array_values($bySession)));

        return new self(
            $prior,
            $fit,
            count($bySession[$sessionId] ?? []),
            self::offsetIn($bySession, $sessionId),
            Strokes::leftOut($asked),
            self::drawn($asked, $bySession, $fit, $sessionId),
        );
    }

    /**
     * A student's session against the line of the sessions before it, and nothing else of the report; null without
     * either.
     *
     * @param list<RolledBall> $balls of one student, oldest first
     */
    public static function offsetOf(array $balls, ?Surface $surface, string $sessionId): ?SessionOffset
    {
        $bySession = [];
        foreach ((new ForStroke($surface))->putts($balls) as $i => $putt) {
            $bySession[$balls[$i]->sessionId][] = $putt;
        }

        return self::offsetIn($bySession, $sessionId);
    }

    /**
     * A session's balls from the line of the sessions before it (maths.md 3.6); null without either.
     *
     * @param array<string, list<StrokePutt>> $bySession oldest first
     */
    private static function offsetIn(array $bySession, string $sessionId): ?SessionOffset
    {
        $earlier = [];
        foreach ($bySession as $id => $putts) {
            if ($id === $sessionId) {
                break;
            }
            if ($putts !== []) {
                $earlier[] = $putts;
            }
        }

        return SessionOffset::of($earlier, $bySession[$sessionId] ?? []);
    }

    /**
     * The latest balls and those of this session, each with its weight in the fit.
     *
     * @param array<string, list<StrokePutt>> $bySession in the order in which they were fitted
     *
     * @return list<ReviewedBall>
     */
    private static function drawn(BallSelection $asked, array $bySession, StrokeFit $fit, string $sessionId): array
    {
        $places = [];
        $next = 0;
        foreach ($bySession as $id => $putts) {
            $places[$id] = $next;
            $next += count($putts);
        }
        $latest = array_keys($asked->latestSessions(self::MOST_DRAWN)->sessionStarts());
        $balls = $asked->inSessions([...$latest, $sessionId])->balls();
        $verdicts = (new ForStroke($asked->surface))->verdicts($balls);
        $odd = array_flip($fit->marked);
        $first = max(0, count($balls) - self::MOST_DRAWN);
        $drawn = [];
        foreach ($balls as $i => $ball) {
            $place = $verdicts[$i] === null ? $places[$ball->sessionId]++ : null;
            $isToday = $ball->sessionId === $sessionId;
            if ($i >= $first || $isToday) {
                $drawn[] = new ReviewedBall(
                    $ball,
                    $verdicts[$i],
                    self::relativeRoll($ball),
                    $place === null ? null : $fit->weights[$place] ?? null,
                    $place !== null && isset($odd[$place]),
                    $isToday,
                );
            }
        }

        return $drawn;
    }

    private static function relativeRoll(RolledBall $ball): ?float
    {
        $speed = $ball->speed();
        if ($speed === null || $ball->ball->roll === null) {
            return null;
        }
        $level = (new LineRoll($speed, $ball->ball->grade))->playsLike($ball->ball->roll);

        return $level === null ? null : $level / $speed->metres();
    }
}
