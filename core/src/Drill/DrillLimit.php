<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Where a drill stops whatever happens: light fades, backs tire. At least one of the two is given. */
final readonly class DrillLimit
{
    public function __construct(public ?int $balls, public ?int $minutes)
    {
        assert($balls !== null || $minutes !== null);
    }

    public function isReached(DrillProgress $progress): bool
    {
        return $this->reached($progress) !== null;
    }

    /** @return 'balls'|'minutes'|null which of the two was reached */
    public function reached(DrillProgress $progress): ?string
    {
        return match (true) {
            $this->balls !== null && $progress->balls >= $this->balls => 'balls',
            $this->minutes !== null && $progress->minutes() >= $this->minutes => 'minutes',
            default => null,
        };
    }
}
