<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** Grass that leans: rolling with it is freer, against it slower (maths.md 2.3). Immutable. */
final readonly class Grain
{
    /** Strongest grain the model is meant for. */
    private const STRONGEST = 0.15;

    private function __construct(public float $strength, public float $towardX, public float $towardY) {}

    /**
     * @param float $strength k, share of the deceleration taken off when rolling with the grain
     * @param float $directionDegrees where the grass leans: 0 toward the hole, 90 to the right
     *
     * @throws InvalidInput If a number is not finite or the grain is stronger than 0.15.
     */
    public static function of(float $strength, float $directionDegrees, string $field = 'grain'): self
    {
        Check::finite($strength, "$field.strength");
        if (abs($strength) > self::STRONGEST + Check::SLACK) {
            throw InvalidInput::outside("$field.strength", $strength, 'at most 0.15');
        }
        $angle = deg2rad(Check::within($directionDegrees, -360.0, 360.0, "$field.direction_deg"));

        return new self($strength, cos($angle), sin($angle));
    }
}
