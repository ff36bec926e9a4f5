<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

/**
 * Splits a start-line bias into aim and stroke (maths.md 4.3). Radians, positive right.
 *
 * Start-line bias = aim bias + what the stroke adds. The two often cancel; that is named before
 * anyone mends half of it. This class is immutable.
 */
final readonly class AimAndStroke
{
    /** Contributions this many standard errors from none are taken as real. */
    private const REAL = 1.28;

    /**
     * @param float $startBias and its standard error from a direction fit
     * @param float $aimBias mean face angle of the aim checks, and its standard error
     */
    public function __construct(
        public float $startBias,
        public float $startError,
        public float $aimBias,
        public float $aimError,
    ) {}

    public function strokeBias(): float
    {
        return $this->startBias - $this->aimBias;
    }

    public function strokeError(): float
    {
        return hypot($this->startError, $this->aimError);
    }

    /** Whether aim and stroke pull opposite ways, each beyond its 80 % interval. */
    public function cancels(): bool
    {
        return $this->aimBias * $this->strokeBias() < 0.0 &&
            abs($this->aimBias) > self::REAL * $this->aimError &&
            abs($this->strokeBias()) > self::REAL * $this->strokeError();
    }
}
