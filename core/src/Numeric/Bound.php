<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

use Amble\Core\Exception\InvalidInput;

/**
 * What one putt says about a figure: exactly this, or somewhere between these.
 *
 * A start-line angle in radians, or a length error as a share of the length. Ends are closed and may be infinite; low <
 * high, or low = high for an exact angle.
 */
final readonly class Bound
{
    private function __construct(public float $low, public float $high) {}

    /** @throws InvalidInput If the value is not finite. */
    public static function exactly(float $value, string $field = 'exact'): self
    {
        Check::finite($value, $field);

        return new self($value, $value);
    }

    /**
     * @param float|null $low null for no lower end
     * @param float|null $high null for no upper end
     *
     * @throws InvalidInput If an end is not finite, low is not below high, or both are open.
     */
    public static function between(?float $low, ?float $high, string $lowField = 'low', string $field = 'putt'): self
    {
        if ($low === null && $high === null) {
            throw InvalidInput::at($field, 'This putt has no bound: give at least one end.');
        }
        $bound = new self(
            $low === null ? -INF : Check::finite($low, $lowField),
            $high === null ? INF : Check::finite($high, $field),
        );
        if ($bound->low >= $bound->high) {
            throw InvalidInput::at($lowField, 'The lower end must be below the upper end.');
        }

        return $bound;
    }

    public function isExact(): bool
    {
        return $this->low === $this->high;
    }

    public function isFinite(): bool
    {
        return is_finite($this->low) && is_finite($this->high);
    }

    public function holdsZero(): bool
    {
        return $this->low <= Check::SLACK && $this->high >= -Check::SLACK;
    }
}
