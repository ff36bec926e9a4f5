<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** The waypoints of a session, in the order people work. */
enum SessionStep: string
{
    case Arrive = 'arrive';
    case Green = 'green';
    case SetOut = 'set-out';
    case Roll = 'roll';
    case LookBack = 'look-back';
    case CarryOn = 'carry-on';
}
