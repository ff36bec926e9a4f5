<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What is ticked or counted while setting out a drill and clearing up after it. */
enum SetupItem: string
{
    /** Something that results depend on was looked at: 1 when done, 0 when taken back. */
    case Check = 'check';
    case KitOut = 'kit_out';
    case KitBack = 'kit_back';
}
