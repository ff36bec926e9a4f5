<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Where a drill stands. */
enum Phase: string
{
    case Ready = 'ready';
    case Rolling = 'rolling';
    case Resting = 'resting';
    case Done = 'done';
    case Capped = 'capped';

    /** Somebody said that it was enough. */
    case Stopped = 'stopped';

    /** Whether no more balls count. */
    public function isOver(): bool
    {
        return match ($this) {
            self::Done, self::Capped, self::Stopped => true,
            self::Ready, self::Rolling, self::Resting => false,
        };
    }
}
