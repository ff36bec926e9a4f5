<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Numeric\Interval;

/** What balls from one place say of the slope across it. Immutable. */
final readonly class ImpliedStationSlope
{
    /**
     * @param float $length metres
     * @param float $along per cent, as the station has it
     * @param float $card per cent across, as the station has it; 0 where nobody said
     * @param float|null $across per cent that the balls ask for, rising to the right; null where no slope does
     */
    public function __construct(
        public float $length,
        public float $along,
        public float $card,
        public float $aim,
        public ?Interval $likely,
        public ?float $across,
        public int $n,
    ) {}
}
