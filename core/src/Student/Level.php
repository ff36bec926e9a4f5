<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** How far a student has come; sizes first gates and windows. */
enum Level: string
{
    case New = 'new';
    case Club = 'club';
    case Able = 'able';
    case Tournament = 'tournament';
}
