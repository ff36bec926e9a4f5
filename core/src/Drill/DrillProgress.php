<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** The counts an end or a cap looks at. Immutable. */
final readonly class DrillProgress
{
    /**
     * @param int $balls rolled and counted
     * @param int $rounds completed
     * @param int $milliseconds from the first ball to the last
     */
    public function __construct(public int $balls, public int $rounds, public int $points, public int $milliseconds) {}

    public static function none(): self
    {
        return new self(0, 0, 0, 0);
    }

    /** One ball later, without points or time. */
    public function after(bool $completesRound): self
    {
        return new self(
            $this->balls + 1,
            $this->rounds + ($completesRound ? 1 : 0),
            $this->points,
            $this->milliseconds,
        );
    }

    public function minutes(): float
    {
        return $this->milliseconds / 60_000;
    }
}
