<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** What a coach should know about a green-speed reading; none of them refuses it. */
enum Warning: string
{
    case Spread = 'spread';
    case Sloped = 'sloped';
    case OneDirection = 'one_direction';
    case SingleRoll = 'single_roll';
    case ShortTime = 'short_time';

    /** The warning in plain words, with what to do about it. */
    public function sentence(): string
    {
        return match ($this) {
            self::Spread => 'Rolls in one direction lie more than 8 inches apart. Roll that direction again.',
            self::Sloped => 'The two directions differ by more than 18 inches, so this line is sloped. ' .
                'The two-way figure is used; a flatter line is better.',
            self::OneDirection => 'Rolled one way only. A slope would bias this, so it is not a level figure. ' .
                'Roll back along the same line.',
            self::SingleRoll => 'One direction has a single roll. Two or three more show the accuracy.',
            self::ShortTime => 'A roll took under 3 seconds, so a small timing error matters. Roll longer.',
        };
    }
}
