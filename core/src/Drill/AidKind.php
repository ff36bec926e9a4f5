<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What helps or tests the start line. */
enum AidKind: string
{
    case Gate = 'gate';
    case Rail = 'rail';
    case Chalk = 'chalk';
    case Spot = 'spot';
}
