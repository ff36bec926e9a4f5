<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Drill\Equipment\EquipmentType;

/** What is at hand for a session. Immutable. */
final readonly class SessionLimits
{
    /**
     * @param positive-int $minutes
     * @param 'green'|'mat' $place
     * @param positive-int $people who roll
     * @param list<EquipmentType>|null $bag null for whatever a drill asks
     * @param bool $isMeasured whether the green's speed stands today
     */
    public function __construct(
        public int $minutes,
        public string $place,
        public bool $hasHole = true,
        public int $people = 1,
        public ?array $bag = null,
        public bool $isMeasured = false,
        public bool $isStormy = false,
        public bool $isWeakTurf = false,
    ) {}
}
