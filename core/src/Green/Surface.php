<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** What is putted on: different surfaces, never pooled. */
enum Surface: string
{
    case Grass = 'grass';
    case Mat = 'mat';
}
