<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

/**
 * The side of the hole whose edge is worn, seen from the ball: the grass leans that way. It is told as a sign only;
 * a strength is the coach's to give.
 */
enum WornSide: string
{
    case Far = 'far';
    case FarRight = 'far_right';
    case Right = 'right';
    case NearRight = 'near_right';
    case Near = 'near';
    case NearLeft = 'near_left';
    case Left = 'left';
    case FarLeft = 'far_left';

    /** Where the grass leans: 0 toward the hole and on, 90 to the right. */
    public function degrees(): float
    {
        return 45.0 * (int) array_search($this, self::cases(), true);
    }

    /** What it does to the ball, as a sign. */
    public function sentence(): string
    {
        $along = cos(deg2rad($this->degrees()));
        $across = sin(deg2rad($this->degrees()));
        $pace = match (true) {
            $along > 0.1 => 'With the grain: the ball runs more freely',
            $along < -0.1 => 'Into the grain: the ball slows sooner',
            default => 'Across the grain',
        };

        return $pace .
            match (true) {
                $across > 0.1 => ', and drifts to the right at the end.',
                $across < -0.1 => ', and drifts to the left at the end.',
                default => '.',
            };
    }
}
