<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Direction\StartLineTest;
use Amble\Core\Units\Length;

/** What helps or tests the start line. */
enum AidKind: string
{
    case Gate = 'gate';
    case Rail = 'rail';
    case Chalk = 'chalk';
    case Spot = 'spot';

    /**
     * What a ball that passes it, or misses it, says of its start: a gate takes off the ball's own width, a line does
     * not.
     */
    public function test(Length $width, Length $distance): StartLineTest
    {
        return $this === self::Gate ? StartLineTest::gate($width, $distance) : StartLineTest::rail($width, $distance);
    }
}
