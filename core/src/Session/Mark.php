<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A coach's one-touch mark on a ball; each leaves the fit alone. */
enum Mark: string
{
    case Mishit = 'mishit';
    case Bumps = 'bumps';
    case Distraction = 'distraction';

    /** Whether a drill rolls such a ball again: bumps and distractions are nobody's fault. */
    public function isRolledAgain(): bool
    {
        return $this !== self::Mishit;
    }
}
