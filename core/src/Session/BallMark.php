<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** A coach's one-touch mark on a ball; each leaves the fit alone. */
enum BallMark: string
{
    case Mishit = 'mishit';
    case Bumps = 'bumps';
    case Distraction = 'distraction';
    case Doubt = 'doubt';

    /**
     * Whether a drill rolls such a ball again: bumps and distractions are nobody's fault, and doubt
     * over the ball tells nothing of the stroke.
     */
    public function isRolledAgain(): bool
    {
        return $this !== self::Mishit;
    }
}
