<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** Constants of a ball on a green (maths.md, opening table). SI units. */
final class Physics
{
    /** Gravity, m/s². */
    public const GRAVITY = 9.80665;

    /** Share of gravity that accelerates a rolling solid sphere. */
    public const ROLLING_SHARE = 5.0 / 7.0;

    /** κ g: acceleration per unit of grade, m/s². */
    public const PULL_PER_GRADE = self::ROLLING_SHARE * self::GRAVITY;

    /** Ball speed leaving the standard green-speed ramp, m/s (6 ft/s). */
    public const RAMP_SPEED = 1.8288;

    /** Ball radius, m (diameter 42.67 mm). */
    public const BALL_RADIUS = 0.021335;

    /** Hole radius, m (diameter 108 mm). */
    public const HOLE_RADIUS = 0.054;

    /**
     * Fastest dead-centre speed a level hole can catch, m/s (Holmes 1991, Am. J. Phys. 59, 129; Penner 2002, Can. J.
     * Phys. 80, 83).
     */
    public const CAPTURE_SPEED = 1.63;
}
