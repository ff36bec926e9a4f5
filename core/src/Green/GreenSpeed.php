<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * Green speed: how far a ball rolls on level turf after leaving the standard ramp.
 *
 * Feet on the coach's card, metres inside; always finite and above 0. This class is immutable.
 */
final readonly class GreenSpeed
{
    private function __construct(private float $metres)
    {
    }

    /** @throws InvalidInput If the speed is not a finite number above 0. */
    public static function ofFeet(float $feet, string $field = 'green_speed_ft'): self
    {
        return new self(Check::positive($feet, $field) * Length::METRES_PER_FOOT);
    }

    /** @throws InvalidInput If the speed is not a finite number above 0. */
    public static function ofMetres(float $metres, string $field = 'green_speed_m'): self
    {
        return new self(Check::positive($metres, $field));
    }

    /**
     * The speed of level turf with this deceleration, S = v_r² / (2 a0) (maths.md 1.1).
     *
     * @param float $deceleration m/s², above 0
     */
    public static function ofDeceleration(float $deceleration): self
    {
        return new self(Physics::RAMP_SPEED ** 2 / (2.0 * Check::positive($deceleration, 'deceleration')));
    }

    public function feet(): float
    {
        return $this->metres / Length::METRES_PER_FOOT;
    }

    public function metres(): float
    {
        return $this->metres;
    }

    /** Loss of speed on level turf, a0 = v_r² / (2 S), m/s² (maths.md 1.1). */
    public function deceleration(): float
    {
        return Physics::RAMP_SPEED ** 2 / (2.0 * $this->metres);
    }

    /** Loss of speed along a line of constant grade, a0 + κ g s, m/s²; 0 or less never stops (2.1). */
    public function decelerationOn(Grade $grade): float
    {
        return $this->deceleration() + Physics::PULL_PER_GRADE * $grade->ratio();
    }
}
