<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Units\Length;

/** How a green speed was got. Every reading says so. */
enum MeasurementMethod: string
{
    case Ramp = 'ramp';
    case Stopwatch = 'stopwatch';
    case Estimated = 'estimated';
    case Unknown = 'unknown';

    /**
     * What a reading may be off by when its rolls do not say, metres: a judgement, not a
     * measurement, and named as such wherever a band is widened by it. Null when nothing is known.
     */
    public function assumedError(): ?float
    {
        return match ($this) {
            self::Ramp => 0.5 * Length::METRES_PER_FOOT,
            self::Stopwatch => 0.7 * Length::METRES_PER_FOOT,
            self::Estimated => 1.0 * Length::METRES_PER_FOOT,
            self::Unknown => null,
        };
    }
}
