<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Units\Length;

/** A gate, rail, line or spot: how wide, and how far in front of the ball (or how long). */
final readonly class Aid
{
    public function __construct(public AidKind $kind, public ?Length $width, public ?Length $distance) {}

    /** Largest start-line error that still passes at a width, radians (maths.md 4.1); null where it has no distance. */
    public function halfAngle(Length $width): ?float
    {
        return $this->distance === null ? null : $this->kind->test($width, $this->distance)->halfAngle();
    }
}
