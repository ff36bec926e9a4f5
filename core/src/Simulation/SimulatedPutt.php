<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

/** What really happened on one simulated ball; metres and radians, positive right. */
final readonly class SimulatedPutt
{
    public function __construct(
        public float $backstrokeMetres,
        public float $rollMetres,
        public float $startLine,
        public float $feltMetres,
        public bool $isMishit,
    ) {}
}
