<?php

declare(strict_types=1);

namespace Amble\Core\Units;

/** What lengths are said in. */
enum Unit: string
{
    case Feet = 'feet';
    case Metres = 'metres';
    case Paces = 'paces';

    /** Metres in one of them, with a pace of this length. */
    public function metres(Length $pace): float
    {
        return match ($this) {
            self::Feet => Length::METRES_PER_FOOT,
            self::Metres => 1.0,
            self::Paces => $pace->metres(),
        };
    }
}
