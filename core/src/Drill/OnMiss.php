<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a missed ball does to the order of things. */
enum OnMiss: string
{
    case Nothing = 'nothing';
    case RestartStation = 'restart_station';
    case RestartAll = 'restart_all';

    public function restarts(): bool
    {
        return $this !== self::Nothing;
    }
}
