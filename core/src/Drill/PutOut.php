<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Which balls may be putted out; only those are the base of second-putt counts. */
enum PutOut: string
{
    case None = 'none';
    case Passed = 'passed';
    case All = 'all';

    public function allows(bool $passed): bool
    {
        return $this === self::All || ($this === self::Passed && $passed);
    }
}
