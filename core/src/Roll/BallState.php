<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/** Where a ball is (metres) and how it moves (m/s); x along the line, y to the right. */
final readonly class BallState
{
    public function __construct(public float $x, public float $y, public float $vx, public float $vy) {}

    public function speed(): float
    {
        return hypot($this->vx, $this->vy);
    }
}
