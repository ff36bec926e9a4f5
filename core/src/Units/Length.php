<?php

declare(strict_types=1);

namespace Amble\Core\Units;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** A length on a green: metres inside, from a tenth of a millimetre to 300 m. This class is immutable. */
final readonly class Length
{
    public const METRES_PER_FOOT = 0.3048;
    public const METRES_PER_INCH = 0.0254;

    /** What is shorter or longer is no length on any green, metres. */
    public const SHORTEST = 1e-4;
    public const LONGEST = 300.0;

    private function __construct(private float $metres) {}

    /** @throws InvalidInput If the length is not a finite number above 0, or none a green has. */
    public static function ofMetres(float $metres, string $field = 'length_m'): self
    {
        // Thousands are made of what is kept: hardly any needs the closer look that words a refusal.
        return new self(
            $metres >= self::SHORTEST && $metres <= self::LONGEST
                ? $metres
                : Check::within(Check::positive($metres, $field), self::SHORTEST, self::LONGEST, $field),
        );
    }

    /** @throws InvalidInput If the length is not a finite number above 0, or none a green has. */
    public static function ofFeet(float $feet, string $field = 'length_ft'): self
    {
        return self::ofMetres($feet * self::METRES_PER_FOOT, $field);
    }

    /**
     * @param float $metres may be negative
     *
     * @throws InvalidInput If what comes out is not above 0, or is none a green has.
     */
    public function longerBy(float $metres): self
    {
        return self::ofMetres($this->metres() + $metres);
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
