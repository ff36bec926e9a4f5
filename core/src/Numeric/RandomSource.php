<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** Where chance comes from; always handed in, so that every run can be repeated. */
interface RandomSource
{
    /** A number in [0, 1). */
    public function uniform(): float;

    /** A standard normal number. */
    public function normal(): float;
}
