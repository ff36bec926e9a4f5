<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** What stood while a ball was rolled: the part of the session, and what went on around it. This class is immutable. */
final readonly class RollContext
{
    /** @param list<Disturbance> $disturbances in the order they were noted */
    public function __construct(public ?SessionPart $part = null, public array $disturbances = []) {}

    /** Another part begins: what goes on around goes on. */
    public function begin(?SessionPart $part): self
    {
        return new self($part, $this->disturbances);
    }

    public function note(Disturbance $what, bool $isOn): self
    {
        $others = array_values(
            array_filter($this->disturbances, static fn(Disturbance $each): bool => $each !== $what),
        );

        return new self($this->part, $isOn ? [...$others, $what] : $others);
    }
}
