<?php

declare(strict_types=1);

namespace Amble\Core\Session\Observation;

/** Which figure something seen of a ball tells about. */
enum ObservedFigure: string
{
    case Distance = 'distance';
    case StartLine = 'start_line';
    case Reads = 'reads';
    case Feel = 'feel';
    case Stroke = 'stroke';
    case Cause = 'cause';
    case Routine = 'routine';
    case SecondPutts = 'second_putts';
}
