<?php

declare(strict_types=1);

namespace Amble\Core\Student;

enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
