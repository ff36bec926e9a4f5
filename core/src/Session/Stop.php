<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Why a ball stopped where it did. */
enum Stop: string
{
    case Free = 'free';
    case Holed = 'holed';
    case Edge = 'edge';
    case Rod = 'rod';
    case Other = 'other';

    /** Whether the roll is a plain length; else it is "at least this far". */
    public function isFree(): bool
    {
        return $this === self::Free;
    }
}
