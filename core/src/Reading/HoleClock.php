<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Units\Grade;

/**
 * The ground round a hole as a clock: from 6 the putt goes straight up, from 12 straight down, from 3 and 9 it breaks
 * most. The hour says where the ball lies, seen from above with uphill at the top. This class is immutable.
 */
final readonly class HoleClock
{
    /**
     * @param float $hour from 0 up to 12; 6 lies straight below the hole
     * @param float $steepness rise over run straight uphill, at least 0
     */
    private function __construct(public float $hour, public float $steepness) {}

    /** The same ground by its grades; level ground has no hour of its own and counts as 6. */
    public static function of(Grade $along, Grade $across): self
    {
        $turns = atan2(-$across->ratio(), $along->ratio()) / (2.0 * M_PI);
        // A ball at 6 looks straight uphill, at 9 it has the hill on its left.
        $hour = fmod(6.0 + 12.0 * $turns + 12.0, 12.0);

        return new self($hour, hypot($along->ratio(), $across->ratio()));
    }

    public static function at(float $hour, Grade $steepness): self
    {
        return new self(fmod($hour, 12.0), abs($steepness->ratio()));
    }

    /** Along the putt, positive uphill. */
    public function along(): Grade
    {
        return Grade::ofRatio($this->steepness * cos($this->angle()));
    }

    /** Across it, rising to the right. */
    public function across(): Grade
    {
        return Grade::ofRatio(-$this->steepness * sin($this->angle()));
    }

    /** From 6, clockwise, radians. */
    private function angle(): float
    {
        return (($this->hour - 6.0) * M_PI) / 6.0;
    }
}
