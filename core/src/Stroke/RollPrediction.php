<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** How far a backstroke sends the ball, metres, with the band for one new ball. */
final readonly class RollPrediction
{
    /** @param bool $isExtrapolated whether the backstroke lies outside the lengths fitted */
    public function __construct(
        public float $rollMetres,
        public float $lowMetres,
        public float $highMetres,
        public bool $isExtrapolated,
    ) {}
}
