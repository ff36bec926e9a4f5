<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What happened at one station. Immutable. */
final readonly class StationTally
{
    /**
     * @param int $attempt which try at the station this is, counted from 1; a restart begins another
     * @param bool|null $firstBallPassed the very first ball here, first tries being a figure of their own
     */
    public function __construct(
        public float $lengthMetres,
        public int $balls = 0,
        public int $passes = 0,
        public int $attempt = 1,
        public ?bool $firstBallPassed = null,
    ) {}

    public function after(bool $passed): self
    {
        return new self(
            $this->lengthMetres,
            $this->balls + 1,
            $this->passes + ($passed ? 1 : 0),
            $this->attempt,
            $this->firstBallPassed ?? $passed,
        );
    }

    public function restarted(): self
    {
        return new self($this->lengthMetres, $this->balls, $this->passes, $this->attempt + 1, $this->firstBallPassed);
    }
}
