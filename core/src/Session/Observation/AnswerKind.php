<?php

declare(strict_types=1);

namespace Amble\Core\Session\Observation;

enum AnswerKind: string
{
    case Words = 'words';
    case YesNo = 'yes_no';
    case Metres = 'metres';
    case Count = 'count';

    /** A measured number with a unit of its own. */
    case Number = 'number';
}
