<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** How a ball met its gate, rail, line or spot, as the player looks at it. */
enum GateResult: string
{
    case Left = 'left';
    case Through = 'through';
    case Right = 'right';
}
