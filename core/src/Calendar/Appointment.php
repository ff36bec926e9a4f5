<?php

declare(strict_types=1);

namespace Amble\Core\Calendar;

/** One time somebody comes. Immutable. */
final readonly class Appointment
{
    /**
     * @param int $start and $end Unix seconds
     * @param string|null $place where; null where nobody said
     * @param int $travel minutes to get there from another place
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $start,
        public int $end,
        public ?string $place,
        public int $travel,
    ) {}
}
