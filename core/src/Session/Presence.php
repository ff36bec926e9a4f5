<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** Where somebody of a session's group is just now. */
enum Presence: string
{
    case Here = 'here';

    /** Turns skip them until they come back. */
    case SitsOut = 'sits_out';

    /** Looks on, and rolls nothing. */
    case Watches = 'watches';

    /** Went home; what they rolled stays theirs. */
    case Gone = 'gone';
}
