<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;

/** A solved read, valid only with its pace, or the reason there is none. Immutable. */
final readonly class AimSolution
{
    /**
     * @param NoAimReason|null $reason null exactly when the read is solved
     * @param float $startLine radians, positive right
     * @param float $startSpeed m/s
     * @param float $speedAtHole m/s, as if the hole were covered
     */
    private function __construct(
        public ?NoAimReason $reason,
        private float $lengthMetres,
        private float $startLine,
        private float $startSpeed,
        private float $speedAtHole,
        private float $levelDeceleration,
    ) {}

    /** @internal built by the reader */
    public static function solved(
        Ground $surface,
        float $lengthMetres,
        float $startLine,
        float $startSpeed,
        float $speedAtHole,
    ): self {
        return new self(null, $lengthMetres, $startLine, $startSpeed, $speedAtHole, $surface->deceleration);
    }

    /** @internal built by the reader */
    public static function refused(NoAimReason $reason): self
    {
        return new self($reason, 0.0, 0.0, 0.0, 0.0, 1.0);
    }

    public function isSolved(): bool
    {
        return $this->reason === null;
    }

    /** Start line in radians from the straight line to the hole, positive right; null if unsolved. */
    public function startLine(): ?float
    {
        return $this->ifSolved($this->startLine);
    }

    /** Aim offset at the hole, D tan φ, metres, positive right; null if unsolved. */
    public function aimOffset(): ?float
    {
        return $this->ifSolved($this->lengthMetres * tan($this->startLine));
    }

    /** The aim offset in hole widths, positive right; null if unsolved. */
    public function aimInHoles(): ?float
    {
        return $this->ifSolved(($this->lengthMetres * tan($this->startLine)) / (2.0 * Physics::HOLE_RADIUS));
    }

    /** Start speed, m/s; null if unsolved. */
    public function startSpeed(): ?float
    {
        return $this->ifSolved($this->startSpeed);
    }

    /** Speed over the covered hole, m/s; null if unsolved. */
    public function speedAtHole(): ?float
    {
        return $this->ifSolved($this->speedAtHole);
    }

    /**
     * The level roll with the same start speed, v²/(2 a0), metres; null if unsolved.
     *
     * A student's backstroke for the read is StrokeFit::backstrokeFor() of this length on the level.
     */
    public function playsLike(): ?float
    {
        return $this->ifSolved($this->startSpeed ** 2 / (2.0 * $this->levelDeceleration));
    }

    private function ifSolved(float $value): ?float
    {
        return $this->isSolved() ? $value : null;
    }
}
