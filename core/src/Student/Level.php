<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** How far a student has come; sizes first gates and windows. */
enum Level: string
{
    case New = 'new';
    case Club = 'club';
    case Able = 'able';
    case Tournament = 'tournament';

    /** @return non-negative-int how many steps tighter than the widest a first gate or window is */
    public function stepsIn(): int
    {
        return match ($this) {
            self::New, self::Club => 0,
            self::Able => 1,
            self::Tournament => 2,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::New => 'new to it',
            self::Club => 'a club player',
            self::Able => 'an able player',
            self::Tournament => 'a tournament player',
        };
    }
}
