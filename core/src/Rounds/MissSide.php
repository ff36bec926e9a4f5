<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

/** Where a first putt that did not drop finished, as seen from the ball. */
enum MissSide: string
{
    case Short = 'short';
    case Long = 'long';
    case Left = 'left';
    case Right = 'right';
}
