<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;

/** One part of a finding: a station, a task, a side. This class is immutable. */
final readonly class FindingRow
{
    /**
     * @param string $name in words; a length in them stands in braces, "{3.000 m}"
     * @param float|null $value null where too few balls tell it
     * @param int $n balls behind it
     */
    public function __construct(
        public string $name,
        public FindingUnit $unit,
        public ?float $value,
        public int $n,
        public ?Interval $interval = null,
    ) {}

    /** How many a share comes to. */
    public function count(): int
    {
        return (int) round((float) $this->value * $this->n);
    }
}
