<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

/** What a line of a session's log can be. */
enum EventType: string
{
    case PuttLogged = 'putt_logged';
    case PuttCorrected = 'putt_corrected';
    case PuttRemarked = 'putt_remarked';
    case SetOutCounted = 'set_out_counted';
    case Undone = 'undone';
}
