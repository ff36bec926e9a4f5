<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a drill is for in a session. */
enum Purpose: string
{
    /** The same again, until a stroke stands. */
    case Build = 'build';

    /** To find a figure. */
    case Measure = 'measure';

    /** Something new each time, as on the course. */
    case Play = 'play';

    /** With a price. */
    case Pressure = 'pressure';

    /** Before a round, or first thing. */
    case WarmUp = 'warm_up';
}
