<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** A ball rolled by hand without skidding: how far, and how long from release to rest. */
final readonly class TimedRoll
{
    private function __construct(public float $distanceMetres, public float $seconds)
    {
    }

    /** @throws InvalidInput If the distance or the time is not above 0. */
    public static function of(float $distanceMetres, float $seconds, string $field = 'roll'): self
    {
        return new self(
            Check::positive($distanceMetres, "$field.distance_m"),
            Check::positive($seconds, "$field.time_s"),
        );
    }

    /** Constant deceleration onto rest, a = 2 D / t², m/s² (maths.md 1.3). */
    public function deceleration(): float
    {
        return 2.0 * $this->distanceMetres / $this->seconds ** 2;
    }
}
