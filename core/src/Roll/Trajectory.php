<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/** How a ball rolled past a hole, or did not get there. Metres and seconds. Immutable. */
final readonly class Trajectory
{
    /**
     * @param BallState $closest the ball at its closest approach to the hole
     * @param float $offset signed miss at closest approach, positive right of the hole's centre
     * @param bool $isLevelWithHole whether closest approach came while the ball was still rolling
     * @param BallState|null $rest where it stopped; null if it never did, or was not followed
     * @param float|null $beyond path from closest approach to rest; minus the distance left for a
     *                           ball that stopped before it was level with the hole
     * @param list<array{float, float}> $path points on the way, when asked for
     */
    public function __construct(
        public BallState $closest,
        public float $offset,
        public bool $isLevelWithHole,
        public ?BallState $rest,
        public ?float $beyond,
        public array $path,
    ) {}

    /**
     * Whether the hole catches the ball: δ ≤ R_h and v ≤ v_c (1 − (δ/R_h)²) (Penner 2002, eq. for a
     * rolling ball at closest approach; maths.md 2.4). A rim-out is not modelled.
     */
    public function isHoled(): bool
    {
        return $this->isLevelWithHole && Capture::catches($this->offset, $this->closest->speed());
    }
}
