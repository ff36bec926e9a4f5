<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

/** Where a step of a walk along is seen. */
enum ScriptScreen: string
{
    case CheckIn = 'check-in';
    case GreenSpeed = 'green-speed';
    case Stations = 'stations';
    case Aim = 'checks/aim';
    case Putt = 'putt';

    /** The drill that is being rolled. */
    case Drill = 'drill';
    case Review = 'review';
    case WrapUp = 'wrap-up';
}
