<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** Why one timed roll is asked about before it counts; a coach who is sure of it may keep it. */
enum RollDoubt: string
{
    case ShortTime = 'short_time';
    case FarFromOthers = 'far_from_others';

    public function sentence(): string
    {
        return match ($this) {
            self::ShortTime => 'It took under 3 seconds, so a small timing error matters.',
            self::FarFromOthers
                => 'It lies far from the other rolls this way: was the watch late, or did the ball bump?',
        };
    }
}
