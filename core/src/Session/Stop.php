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
    case Ball = 'ball';
    case Post = 'post';
    case Target = 'target';
    case Other = 'other';

    /** Nobody measured where it stopped, as where only the start line or a strike was looked at. */
    case Unseen = 'unseen';

    /** Whether something stopped it that would not have: it rolled at least this far. */
    public function cutsShort(): bool
    {
        return match ($this) {
            self::Edge, self::Rod, self::Ball, self::Post, self::Target, self::Other => true,
            self::Free, self::Holed, self::Unseen => false,
        };
    }

    /** Whether such a ball may come without a roll. */
    public function mayLackRoll(): bool
    {
        return $this === self::Holed || $this === self::Unseen;
    }
}
