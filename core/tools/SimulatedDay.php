<?php

declare(strict_types=1);

namespace Amble\Tools;

/** How a day differs from the plainest one, and what is logged of it. Immutable. */
final readonly class SimulatedDay
{
    /**
     * @param float $offset log units by which everything rolls further than the measured green says, negative shorter
     * @param float $steepestPercent slopes along the line are drawn evenly from minus this to this, whole per cents
     * @param bool $isByEyeAlone whether no gate is logged, and starts are told by eye
     * @param bool $isByGateAlone whether starts without a gate are not looked at
     */
    public function __construct(
        public float $offset = 0.0,
        public float $steepestPercent = 0.0,
        public bool $isByEyeAlone = false,
        public bool $isByGateAlone = false,
    ) {}
}
