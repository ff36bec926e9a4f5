<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Where a drill stops whatever happens: light fades, backs tire. At least one of the two is given. */
final readonly class Cap
{
    public function __construct(public ?int $balls, public ?int $minutes)
    {
        assert($balls !== null || $minutes !== null);
    }

    public function isReached(DrillProgress $progress): bool
    {
        return ($this->balls !== null && $progress->balls >= $this->balls)
            || ($this->minutes !== null && $progress->minutes() >= $this->minutes);
    }
}
