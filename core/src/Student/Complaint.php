<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** What a student says is wrong, as far as balls can answer it. */
enum Complaint: string
{
    case Pace = 'pace';
    case StartLine = 'start_line';
    case Read = 'read';
}
