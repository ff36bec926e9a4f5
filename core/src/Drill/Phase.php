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

    /** Whether no more balls count. */
    public function isOver(): bool
    {
        return match ($this) {
            self::Done, self::Capped => true,
            self::Ready, self::Rolling, self::Resting => false,
        };
    }
}
