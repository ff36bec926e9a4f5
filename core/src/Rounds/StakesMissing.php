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
            self::Pace => 'Not enough balls yet: distance control needs twelve balls at targets.',
            self::StartLine
                => 'Not enough balls yet: the start line needs twelve balls at a checked gate, with misses on both sides.',
        };
    }
}
