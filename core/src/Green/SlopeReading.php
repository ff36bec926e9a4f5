<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Units\Grade;

/** The slope at one place round a hole: metres to the right of it and up from it, rising to the right and up. Immutable. */
final readonly class SlopeReading
{
    public function __construct(public float $xMetres, public float $yMetres, public Grade $right, public Grade $up) {}
}
