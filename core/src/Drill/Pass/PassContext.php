<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\BallTask;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Length;

/** What a ball is judged against. Metres and radians. */
final readonly class PassContext
{
    /**
     * @param float|null $step the width in force where the drill steps up and down
     * @param float|null $lastDistance how far from the target the ball before it stopped; null for
     *                                 the first at a station
     * @param float|null $firstRoll how far the first ball of this set rolled; null for that ball, and where it
     *                              was not measured
     * @param float|null $aidHalfAngle largest start-line error that the aid in force lets through
     * @param bool $canBeHoled whether it is rolled at a hole
     * @param bool $isAtEdge whether it is rolled at an edge: what lies past it has left the green
     * @param float $finishPast how far past a hole its student plays for, metres; 0 where it is not rolled at one
     */
    public function __construct(
        public Length $length,
        public ?BallTask $task = null,
        public ?float $step = null,
        public ?float $lastDistance = null,
        public ?float $firstRoll = null,
        public ?float $aidHalfAngle = null,
        public bool $canBeHoled = false,
        public float $finishPast = 0.0,
        public bool $isAtEdge = false,
    ) {}

    /**
     * How far past (positive) or short (negative) of the target the ball stopped; 0 when holed
     * unjudged, and endlessly short when nobody measured it, so that no length rule passes it.
     */
    public function past(Ball $ball): float
    {
        return match (true) {
            $ball->roll !== null => (float) $ball->rollMetres() - $this->length->metres(),
            $ball->stop === Stop::Holed => 0.0,
            default => -INF,
        };
    }

    /** How far from the target the ball stopped; a holed ball is on it. */
    public function distance(Ball $ball): float
    {
        return $ball->stop === Stop::Holed ? 0.0 : hypot($this->past($ball), $ball->sight->side ?? 0.0);
    }
}
