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
