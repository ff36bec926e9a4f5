<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\ForStroke;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
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

    /** @param list<RolledBall> $balls all of one student's, oldest first */
    public static function of(array $balls, ?Surface $surface, string $sessionId, StrokePrior $prior): self
    {
        $selection = new ForStroke($surface);
        $balls = array_values(array_filter($balls, static fn(RolledBall $ball): bool => $ball->surface === $surface));
        $verdicts = $selection->verdicts($balls);
        $putts = $selection->putts($balls, $verdicts);
        $fit = (new StrokeFitter(new FitOptions($prior)))->fit(array_values($putts));
        $todays = array_filter(
            $putts,
            static fn(int $i): bool => $balls[$i]->sessionId === $sessionId,
            ARRAY_FILTER_USE_KEY,
        );

        return new self(
            $prior,
            $fit,
            count($todays),
            self::offset($balls, $putts, $sessionId),
            ForStroke::counted($verdicts),
            self::drawn($balls, $verdicts, array_keys($putts), $fit, $sessionId),
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
        return self::offset($balls, (new ForStroke($surface))->putts($balls), $sessionId);
    }

    /**
     * Today's balls from the line of the sessions before this one (maths.md 3.6); null without either.
     *
     * @param list<RolledBall> $balls oldest first
     * @param array<int, StrokePutt> $putts by the place of their ball
     */
    private static function offset(array $balls, array $putts, string $sessionId): ?SessionOffset
    {
        $sessions = $today = [];
        foreach ($putts as $i => $putt) {
            if ($balls[$i]->sessionId === $sessionId) {
                $today[] = $putt;
            } elseif ($today === []) {
                $sessions[$balls[$i]->sessionId][] = $putt;
            }
        }

        return SessionOffset::of(array_values($sessions), $today);
    }

    /**
     * @param list<RolledBall> $balls
     * @param list<ExcludedBalls|null> $verdicts
     * @param list<int> $places of the balls that were fitted
     *
     * @return list<ReviewedBall>
     */
    private static function drawn(
        array $balls,
        array $verdicts,
        array $places,
        StrokeFit $fit,
        string $sessionId,
    ): array {
        $fitted = array_flip($places);
        $odd = array_flip($fit->marked);
        $first = max(0, count($balls) - self::MOST_DRAWN);
        $drawn = [];
        foreach ($balls as $i => $ball) {
            $isToday = $ball->sessionId === $sessionId;
            if ($i < $first && !$isToday) {
                continue;
            }
            $place = $fitted[$i] ?? null;
            $drawn[] = new ReviewedBall(
                $ball,
                $verdicts[$i],
                self::relativeRoll($ball),
                $place === null ? null : $fit->weights[$place] ?? null,
                $place !== null && isset($odd[$place]),
                $isToday,
            );
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
