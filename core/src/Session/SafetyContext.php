<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What cautions go by: the day, the place, who is here, and how they putt. This class is immutable. */
final readonly class SafetyContext
{
    /**
     * @param list<Condition> $conditions seen today
     * @param list<Disturbance> $disturbances going on now
     * @param int $balls rolled so far
     * @param bool $hasMinor whether somebody here is under age
     * @param bool $looksElsewhere whether somebody here strikes with the eyes on the hole
     */
    public function __construct(
        public array $conditions = [],
        public array $disturbances = [],
        public bool $isGrass = true,
        public bool $isGroup = false,
        public int $balls = 0,
        public bool $hasMinor = false,
        public bool $looksElsewhere = false,
    ) {}

    public function has(Condition|Disturbance ...$any): bool
    {
        foreach ($any as $each) {
            if (in_array($each, $each instanceof Condition ? $this->conditions : $this->disturbances, true)) {
                return true;
            }
        }

        return false;
    }
}
