<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Direction\StartLineTest;
use Amble\Core\Units\Length;

/** A gate, rail, line or spot: how wide, and how far in front of the ball (or how long). */
final readonly class Aid
{
    public function __construct(public AidKind $kind, public ?Length $width, public ?Length $distance)
    {
    }

    /** Largest start-line error that still passes at a width, radians (maths.md 4.1); null where it has no distance. */
    public function halfAngle(Length $width): ?float
    {
        return match (true) {
            $this->distance === null => null,
            $this->kind === AidKind::Gate => StartLineTest::gate($width, $this->distance)->halfAngle(),
            default => StartLineTest::rail($width, $this->distance)->halfAngle(),
        };
    }
}
