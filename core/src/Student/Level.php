<?php

declare(strict_types=1);

namespace Amble\Core\Student;

use Amble\Core\Strokes\Player;

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
            self::New => 'a beginner',
            self::Club => 'a club player',
            self::Able => 'an advanced player',
            self::Tournament => 'a tournament player',
        };
    }

    /**
     * What such a player putts like: spread of the start line and of the length (maths.md 6), playing to finish so far
     * past a hole.
     */
    public function player(float $finishPastM): Player
    {
        [$degrees, $share] = match ($this) {
            self::New => [3.0, 0.18],
            self::Club => [2.2, 0.12],
            self::Able => [1.7, 0.09],
            self::Tournament => [1.35, 0.065],
        };

        return Player::of(0.0, deg2rad($degrees), 0.0, $share, $finishPastM);
    }
}
