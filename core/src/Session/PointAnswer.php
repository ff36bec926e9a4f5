<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** How a point of a card looked. */
enum PointAnswer: string
{
    case Good = 'good';
    case Attention = 'attention';
}
