<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** How a student takes distance back: by the rule beside the ball, by the trail foot, or by eye. */
enum BackstrokeCue: string
{
    case Rule = 'rule';
    case Foot = 'foot';
    case Eye = 'eye';
}
