<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

/** What a figure of a rule is measured in, and so how it is typed, shown and rounded. */
enum FigureKind: string
{
    /** A share of the length, strictly between 0 and 1; shown in percent. */
    case Share = 'share';

    /** A length on the green, metres. */
    case Roll = 'roll';

    case Balls = 'balls';
    case Minutes = 'minutes';
    case Points = 'points';

    /** Which level of a green with steps, counted from the ball. */
    case Level = 'level';

    /** The most a whole number of this kind may be; null for one that is not whole. */
    public function mostWhole(): ?int
    {
        return match ($this) {
            self::Share, self::Roll => null,
            self::Balls => 500,
            self::Minutes => 180,
            self::Points => 1000,
            self::Level => 5,
        };
    }
}
