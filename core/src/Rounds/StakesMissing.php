<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

/** What has to be rolled before anything can be said of a round. */
enum StakesMissing: string
{
    case Pace = 'pace';
    case StartLine = 'start_line';

    public function sentence(): string
    {
        return match ($this) {
            self::Pace => 'Not told yet: it takes a dozen balls at targets to know the pace.',
            self::StartLine
                => 'Not told yet: it takes a dozen balls past a checked gate, with misses on both sides, to know the start line.',
        };
    }
}
