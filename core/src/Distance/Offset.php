<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;

/** How far today lies from what is usual, as a share of length, positive past. Immutable. */
final readonly class Offset
{
    public function __construct(public float $value, public float $standardError) {}

    /** Whether it is worth a remark: more than two standard errors from none. */
    public function isRemarkable(): bool
    {
        return abs($this->value) > 2.0 * $this->standardError;
    }

    public function interval(float $level): Interval
    {
        return Interval::around($this->value, Normal::quantile(0.5 + 0.5 * $level) * $this->standardError);
    }
}
