<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/**
 * What happened to one drill run besides its balls: who joined it late, and whether somebody ended it. This class is
 * immutable.
 */
final readonly class RunChanges
{
    /**
     * @param array<string, non-negative-int> $joined the station each began at, by student, in the order they came
     * @param int|null $endedAt Unix milliseconds; null while nobody ended it
     */
    public function __construct(public array $joined = [], public ?int $endedAt = null) {}

    /** @param non-negative-int $station */
    public function withStudent(string $student, int $station): self
    {
        // Whoever joined twice began where they first did.
        return new self($this->joined + [$student => $station], $this->endedAt);
    }

    /** The first word that it was enough stands. */
    public function ended(int $atMilliseconds): self
    {
        return new self($this->joined, $this->endedAt ?? $atMilliseconds);
    }
}
