<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

/** A side as the player looks from ball to target. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';

    /** @return -1|1 negative left, positive right */
    public function sign(): int
    {
        return $this === self::Right ? 1 : -1;
    }
}
