<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

/** A closed interval of an estimate, low ≤ high, in the estimate's own unit. */
final readonly class Interval
{
    public function __construct(public float $low, public float $high)
    {
        assert($low <= $high);
    }

    /** Wilson's interval for a share (E. B. Wilson 1927, J. Am. Stat. Assoc. 22, 209). */
    public static function wilson(int $hits, int $n, float $level): self
    {
        $z = Normal::quantile(0.5 + 0.5 * $level);
        $p = $hits / $n;
        $below = 1.0 + ($z * $z) / $n;
        $centre = ($p + ($z * $z) / (2 * $n)) / $below;
        $half = ($z * sqrt(($p * (1.0 - $p)) / $n + ($z * $z) / (4 * $n * $n))) / $below;

        // At the ends the formula is exactly 0 or 1; rounding must not carry it past them.
        return new self($hits === 0 ? 0.0 : $centre - $half, $hits === $n ? 1.0 : $centre + $half);
    }

    public static function around(float $centre, float $half): self
    {
        return new self($centre - $half, $centre + $half);
    }

    /** The standard error that its width comes to, as of a normal law. @param float $level it was made at */
    public function error(float $level = 0.8): float
    {
        return ($this->high - $this->low) / (2.0 * Normal::quantile(0.5 + 0.5 * $level));
    }

    public function contains(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }

    /** The interval with both ends multiplied by a positive factor. */
    public function times(float $factor): self
    {
        return new self($this->low * $factor, $this->high * $factor);
    }

    /** @return array{float, float} */
    public function toArray(): array
    {
        return [$this->low, $this->high];
    }
}
