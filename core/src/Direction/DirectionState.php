<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

/** What the start-line data can tell (maths.md 4.2). */
enum DirectionState: string
{
    case None = 'none';

    /** The likelihood has no maximum: only a bound, if that. */
    case Bounded = 'bounded';
    case Estimated = 'estimated';
}
