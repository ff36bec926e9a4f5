<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Units\Length;

/** A gate, rail, line or spot: how wide, and how far in front of the ball (or how long). */
final readonly class Aid
{
    public function __construct(public AidKind $kind, public ?Length $width, public ?Length $distance)
    {
    }
}
