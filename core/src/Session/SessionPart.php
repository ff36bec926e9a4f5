<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What a stretch of a session is for: watched before anything is said, worked at, tried again. */
enum SessionPart: string
{
    case Baseline = 'baseline';
    case Work = 'work';
    case Retest = 'retest';
}
