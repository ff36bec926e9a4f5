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

    /** Nobody measured where it stopped, as where only the start line or a strike was looked at. */
    case Unseen = 'unseen';

    /** Whether such a ball may come without a roll. */
    public function mayLackRoll(): bool
    {
        return $this === self::Holed || $this === self::Unseen;
    }
}
