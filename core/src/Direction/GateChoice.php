<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Green\Physics;
use Amble\Core\Units\Length;

/**
 * The gate that measures best: half-angle 0.7 to 1 times the spread, so that half to two thirds
 * pass (maths.md 4.2). A gate nearly all pass tells little.
 */
final class GateChoice
{
    /** Middle of the useful range of half-angle over spread. */
    private const HALF_ANGLE_PER_SPREAD = 0.85;

    /** Half-angle over spread from which a gate lets nearly all pass, and a bias cannot be told from it. */
    private const TOO_WIDE = 1.6;

    /** Whether a gate of this half-angle is too wide to tell a bias of starts that spread so, both radians. */
    public static function isTooWide(float $halfAngle, float $spread): bool
    {
        return $halfAngle > self::TOO_WIDE * $spread;
    }

    /**
     * Clear width, metres, of the gate at a distance for a student of this spread.
     *
     * @param float $spread radians, above 0
     */
    public static function widthFor(float $spread, Length $distance): Length
    {
        return Length::ofMetres(
            2.0 * (Physics::BALL_RADIUS + $distance->metres() * tan(self::HALF_ANGLE_PER_SPREAD * $spread)),
            'width_m',
        );
    }
}
