<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

/** How a student takes out a start to one side; schools differ, and advice never mixes two. */
enum LineCure: string
{
    /** The whole stroke is turned, face and path together. */
    case Turn = 'turn';

    /** The face alone closes more, or less. */
    case Face = 'face';
}
