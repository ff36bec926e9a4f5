<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\RolledBall;

/** The kind of ground a putt runs over, as figures are told apart by it. */
enum SlopeClass: string
{
    case Level = 'level';
    case Up = 'up';
    case Down = 'down';
    case Across = 'across';

    /** A grade below this is level to the eye, a ratio. */
    private const SEEN = 0.005;

    /** What climbs or falls more than it leans is told as up or down. */
    public static function of(RolledBall $ball): self
    {
        [$along, $across] = [$ball->ball->grade->ratio(), $ball->ball->across->ratio()];

        return match (true) {
            max(abs($along), abs($across)) < self::SEEN => self::Level,
            abs($across) > abs($along) => self::Across,
            default => $along > 0.0 ? self::Up : self::Down,
        };
    }
}
