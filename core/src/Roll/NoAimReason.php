<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/** Why a putt has no read (maths.md 2.5). */
enum NoAimReason: string
{
    /** Beyond the hole the ball does not come to rest. */
    case RunsAway = 'runs_away';

    /** Every ball that reaches the hole runs further past than the pace asked. */
    case CannotHold = 'cannot_hold';

    /** No start line was found. */
    case NoLine = 'no_line';

    public function sentence(): string
    {
        return match ($this) {
            self::RunsAway => 'Beyond the hole the ball would not come to rest.',
            self::CannotHold => 'Every ball that reaches the hole runs further past than that.',
            self::NoLine => 'No start line and speed were found that do this.',
        };
    }
}
