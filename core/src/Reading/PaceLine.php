<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Green\Physics;
use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\NoAimReason;

/** The line of one putt at one pace, with its way over the green. This class is immutable. */
final readonly class PaceLine
{
    /** Slower than this a ball is dying, m/s: half a step a second. Ours. */
    private const DYING_SPEED = 0.5;

    /** Between two points of a path, seconds. */
    private const POINT_SECONDS = 0.05;

    /**
     * @param float|null $pace path beyond the covered hole, metres; null where it does not get there
     * @param string|null $reason why there is no line, as a sentence
     * @param list<array{float, float}> $path x along the line and y to the right, metres
     */
    private function __construct(
        public PaceKind $kind,
        public ?float $pace,
        public ?AimSolution $read,
        public ?string $reason,
        public array $path,
    ) {}

    public static function of(PuttSituation $putt, PaceKind $kind): self
    {
        if ($kind === PaceKind::Meant && $putt->pacePoint !== null) {
            return self::toPoint($putt);
        }
        $pace = $kind->pace($putt->pace);
        $reader = new AimSolver($putt->surface, $putt->length, $pace);
        $read = $reader->read();

        return new self(
            $kind,
            $pace,
            $read->isSolved() ? $read : null,
            $read->reason?->sentence(),
            $reader->path($read),
        );
    }

    /**
     * The dying line beside this one. Where even this pace cannot be held no slower one can, so it is not looked for.
     */
    public function slower(PuttSituation $putt): self
    {
        return $this->reason === NoAimReason::CannotHold->sentence() && $putt->pacePoint === null
            ? new self(PaceKind::Dying, null, null, $this->reason, [])
            : self::of($putt, PaceKind::Dying);
    }

    /** A ball that would be spent at a point before the hole, and what the ground then does with it. */
    private static function toPoint(PuttSituation $putt): self
    {
        $spent = PacePoint::of($putt);

        return new self(
            PaceKind::Meant,
            $spent->read === null ? null : $spent->beyond,
            $spent->read,
            $spent->reason,
            $spent->path,
        );
    }

    /** Metres outside the hole's edge; negative inside it. Null without a line. */
    public function outside(): ?float
    {
        $aim = $this->read?->aimOffset();

        return $aim === null ? null : abs($aim) - Physics::HOLE_RADIUS;
    }

    /**
     * Where the ball begins to die: metres of the line before the hole, negative past it. From there to rest it is
     * slower than half a step a second. Null without a line.
     *
     * @param float $hole metres from ball to hole
     */
    public function dying(float $hole): ?float
    {
        if ($this->read === null) {
            return null;
        }
        for ($i = count($this->path) - 1; $i > 0; --$i) {
            [[$x, $y], [$beforeX, $beforeY]] = [$this->path[$i], $this->path[$i - 1]];
            if (hypot($x - $beforeX, $y - $beforeY) > self::DYING_SPEED * self::POINT_SECONDS) {
                return $hole - $x;
            }
        }

        return $hole;
    }
}
