<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** The backstroke for a wanted roll, metres. */
final readonly class BackstrokeAnswer
{
    /** @param bool $isExtrapolated whether the backstroke lies outside the lengths fitted */
    public function __construct(public float $metres, public bool $isExtrapolated) {}
}
