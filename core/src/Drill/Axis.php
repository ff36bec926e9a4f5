<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Which part of a putt counts in a drill. */
enum Axis: string
{
    case Length = 'length';
    case Line = 'line';
    case Both = 'both';
}
