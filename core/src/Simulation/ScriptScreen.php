<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

/** Where a step of a walk along is seen. */
enum ScriptScreen: string
{
    case Arrive = 'arrive';
    case Green = 'green';
    case SetOut = 'set-out';
    case Aim = 'checks/aim';
    case Roll = 'roll';

    /** The drill that is being rolled. */
    case Drill = 'drill';
    case LookBack = 'look-back';
    case CarryOn = 'carry-on';
}
