<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/** The start lines one start speed may have and still drop; radians, positive right. */
final readonly class MakeBand
{
    /**
     * @param float $startSpeed m/s
     * @param float $speedAtHole m/s, on the line through the centre
     * @param float $leftmost radians
     * @param float $centre radians
     * @param float $rightmost radians
     */
    public function __construct(
        public float $startSpeed,
        public float $speedAtHole,
        public float $leftmost,
        public float $centre,
        public float $rightmost,
    ) {}

    public function width(): float
    {
        return $this->rightmost - $this->leftmost;
    }
}
