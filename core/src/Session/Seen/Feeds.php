<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Which figure something seen of a ball tells about. */
enum Feeds: string
{
    case Distance = 'distance';
    case StartLine = 'start_line';
    case Reads = 'reads';
    case Feel = 'feel';
    case Stroke = 'stroke';
    case Cause = 'cause';
    case Routine = 'routine';
    case SecondPutts = 'second_putts';
}
