<?php

declare(strict_types=1);

namespace Amble\Core\Units;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** A length on the green: metres inside, always finite and above 0. This class is immutable. */
final readonly class Length
{
    public const METRES_PER_FOOT = 0.3048;
    public const METRES_PER_INCH = 0.0254;

    private function __construct(private float $metres)
    {
    }

    /** @throws InvalidInput If the length is not a finite number above 0. */
    public static function ofMetres(float $metres, string $field = 'length_m'): self
    {
        return new self(Check::positive($metres, $field));
    }

    /** @throws InvalidInput If the length is not a finite number above 0. */
    public static function ofFeet(float $feet, string $field = 'length_ft'): self
    {
        return new self(Check::positive($feet, $field) * self::METRES_PER_FOOT);
    }

    public function metres(): float
    {
        return $this->metres;
    }

    public function feet(): float
    {
        return $this->metres / self::METRES_PER_FOOT;
    }
}
