<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\Capture;
use Amble\Core\Units\Length;

/** What a start-line error comes to at the hole (maths.md 4.4). */
final class HoleTolerance
{
    /** Sideways miss at the hole, D tan ψ, metres, positive right. */
    public static function sidewaysMiss(Length $length, float $startLine): float
    {
        return $length->metres() * tan($startLine);
    }

    /**
     * Largest |ψ|, radians, that a level putt rolling this far past a covered hole still holes;
     * null when it is too fast for any line.
     *
     * @param float $pace metres past, at least 0
     */
    public static function largestAngle(Length $length, float $pace, GreenSpeed $speed): ?float
    {
        $offset = Capture::offsetLimit(sqrt(2.0 * $speed->deceleration() * $pace));

        return $offset === null ? null : atan($offset / $length->metres());
    }
}
