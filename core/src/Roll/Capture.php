<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;

/** When a level hole catches a rolling ball (Penner 2002, Can. J. Phys. 80, 83; maths.md 2.4). */
final class Capture
{
    /** Whether a ball passing so far from the hole's centre (m) at this speed (m/s) drops. */
    public static function catches(float $offset, float $speed): bool
    {
        return abs($offset) <= Physics::HOLE_RADIUS && $speed <= self::speedLimit($offset);
    }

    /** Fastest speed that drops at this offset, v_c (1 − (δ/R_h)²), m/s; negative outside the hole. */
    public static function speedLimit(float $offset): float
    {
        return Physics::CAPTURE_SPEED * (1.0 - ($offset / Physics::HOLE_RADIUS) ** 2);
    }

    /** Largest offset that still drops at this speed, R_h √(1 − v/v_c), m; null when none does. */
    public static function offsetLimit(float $speed): ?float
    {
        return $speed <= Physics::CAPTURE_SPEED
            ? Physics::HOLE_RADIUS * sqrt(1.0 - $speed / Physics::CAPTURE_SPEED)
            : null;
    }
}
