<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

/** The reading that stands for a moment, and whether it is of that day. This class is immutable. */
final readonly class MeasurementInForce
{
    /** How far one green's days usually lie apart, share of its speed (maths.md 3.6, τ). */
    public const DAY_TO_DAY = 0.08;

    /**
     * @param int $days whole days between the reading and the moment; 0 while it stands
     */
    public function __construct(public MeasurementAt $reading, public bool $isOfTheDay, public int $days) {}

    /**
     * Standard error of the speed as a share of it. A reading of another day is only the last one known: the
     * green may have changed by what days usually differ by, whatever the reading itself was good for.
     */
    public function relativeError(): float
    {
        return $this->isOfTheDay
            ? $this->reading->relativeError
            : hypot($this->reading->relativeError, self::DAY_TO_DAY);
    }
}
