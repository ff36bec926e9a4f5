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
 * Feet on the coach's card, metres inside; never one that no green has. This class is immutable.
 */
final readonly class GreenSpeed
{
    /** Slower and faster than any green or mat, feet. */
    public const SLOWEST_FEET = 0.5;
    public const FASTEST_FEET = 40.0;

    private function __construct(private float $metres) {}

    /** @throws InvalidInput If the speed is not a finite number above 0, or none a green has. */
    public static function ofFeet(float $feet, string $field = 'green_speed_ft'): self
    {
        return new self(self::checked($feet, $field) * Length::METRES_PER_FOOT);
    }

    /** @throws InvalidInput If the speed is not a finite number above 0, or none a green has. */
    public static function ofMetres(float $metres, string $field = 'green_speed_m'): self
    {
        self::checked($metres / Length::METRES_PER_FOOT, $field);

        return new self($metres);
    }

    private static function checked(float $feet, string $field): float
    {
        Check::positive($feet, $field);

        return $feet >= self::SLOWEST_FEET - Check::SLACK && $feet <= self::FASTEST_FEET + Check::SLACK
            ? $feet
            : throw InvalidInput::outside(
                $field,
                $feet,
                sprintf('a speed greens have, %g to %g ft', self::SLOWEST_FEET, self::FASTEST_FEET),
            );
    }

    /**
     * The speed of level turf with this deceleration, S = v_r² / (2 a0) (maths.md 1.1).
     *
     * @param float $deceleration m/s², above 0
     *
     * @throws InvalidInput If no green slows a ball so little or so much.
     */
    public static function ofDeceleration(float $deceleration, string $field): self
    {
        return self::ofMetres(Physics::RAMP_SPEED ** 2 / (2.0 * Check::positive($deceleration, $field)), $field);
    }

    public function feet(): float
    {
        return $this->metres / Length::METRES_PER_FOOT;
    }

    /** An ordinary green, for want of any reading; who uses it says so. */
    public static function ordinary(): self
    {
        return self::ofFeet(9.5);
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

    /** The steepest grade on which a ball at rest stays, a0 / κ g, rise over run. */
    public function steepestThatHolds(): float
    {
        return $this->deceleration() / Physics::PULL_PER_GRADE;
    }
}
