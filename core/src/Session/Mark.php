<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A coach's one-touch mark on a ball; each leaves the fit alone. */
enum Mark: string
{
    case Mishit = 'mishit';
    case Bumps = 'bumps';
    case Distraction = 'distraction';
}
