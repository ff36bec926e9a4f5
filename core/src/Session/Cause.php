<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** The one cause a coach gives a miss; "unknown" is a fair answer. */
enum Cause: string
{
    case Strike = 'strike';
    case Luck = 'luck';
    case StartLine = 'start_line';
    case Pace = 'pace';
    case Read = 'read';
    case Unknown = 'unknown';
}
