<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a missed ball does to the order of things. */
enum OnMiss: string
{
    case Nothing = 'nothing';

    /** The same ball again, until it passes. */
    case Again = 'again';
    case RestartStation = 'restart_station';
    case RestartAll = 'restart_all';

    public function restarts(): bool
    {
        return $this === self::RestartStation || $this === self::RestartAll;
    }

    /** Whether a miss leads anywhere but to the next ball. */
    public function holdsUp(): bool
    {
        return $this !== self::Nothing;
    }
}
