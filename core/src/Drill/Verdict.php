<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What a drill made of one ball. */
enum Verdict: string
{
    case Passed = 'passed';
    case Missed = 'missed';

    /** The drill judges none: it was rolled and measured. */
    case Noted = 'noted';

    /** Nobody can be held to it: the ball is rolled again. */
    case RolledAgain = 'rolled_again';

    /** Rolled after the drill was over. */
    case After = 'after';
}
