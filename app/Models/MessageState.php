<?php

declare(strict_types=1);

namespace App\Models;

/** What became of a letter. */
enum MessageState: string
{
    case Waiting = 'waiting';
    case Sent = 'sent';

    /** Tried as often as it is, and given up. */
    case Failed = 'failed';
}
