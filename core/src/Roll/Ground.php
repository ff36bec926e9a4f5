<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Physics;
use Amble\Core\Units\Grade;

/**
 * The ground a putt crosses: a plane, plus an optional tier, with optional grain (maths.md 2.3); or the relief of a mapped
 * hole, whose grades are then its averages along the line.
 *
 * x runs from ball to hole, y to the player's right, both in metres. This class is immutable.
 */
final readonly class Ground
{
    public float $deceleration;

    /** Pull of the plane, κ g times its grades, m/s², positive uphill and rising to the right. */
    public float $pullX;
    public float $pullY;

    public function __construct(
        public GreenSpeed $speed,
        public Grade $along,
        public Grade $across,
        public ?Tier $tier = null,
        public ?Grain $grain = null,
        public ?Relief $relief = null,
    ) {
        $this->deceleration = $speed->deceleration();
        $this->pullX = Physics::PULL_PER_GRADE * $along->ratio();
        $this->pullY = Physics::PULL_PER_GRADE * $across->ratio();
    }

    /** Whether a ball at rest there, along the line and to its right, stays: κ g |∇z| ≤ a0. */
    public function holdsAt(float $x, float $y = 0.0): bool
    {
        if ($this->relief !== null) {
            return hypot(...$this->relief->pullAt($x, $y)) <= $this->deceleration * (1.0 + 1e-9);
        }
        $pullX = $this->pullX + Physics::PULL_PER_GRADE * ($this->tier?->slopeAt($x) ?? 0.0);

        return hypot($pullX, $this->pullY) <= $this->deceleration * (1.0 + 1e-9);
    }

    /** Whether a ball comes to rest anywhere on the plane away from the tier; on a relief one cannot tell. */
    public function planeHolds(): bool
    {
        return $this->relief !== null || hypot($this->pullX, $this->pullY) <= $this->deceleration * (1.0 + 1e-9);
    }

    /** The same ground without its tier. */
    public function withoutTier(): self
    {
        return new self($this->speed, $this->along, $this->across, null, $this->grain, $this->relief);
    }

    /** The same putt with grades and tier a share of what they are; grain and speed stay. */
    public function flattened(float $share): self
    {
        return new self(
            $this->speed,
            $this->along->times($share),
            $this->across->times($share),
            $this->tier?->times($share),
            $this->grain,
            $this->relief?->times($share),
        );
    }
}
