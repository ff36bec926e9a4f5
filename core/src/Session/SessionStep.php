<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** The steps of a session, in the order people work. */
enum SessionStep: string
{
    case CheckIn = 'check-in';
    case GreenSpeed = 'green-speed';
    case Stations = 'stations';
    case Putt = 'putt';
    case Review = 'review';
    case WrapUp = 'wrap-up';
}
