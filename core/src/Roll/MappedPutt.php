<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

/**
 * A place to putt from on a mapped hole, metres to the right of the hole and up from it, with the averages of the slope
 * along the line to the hole, rise per run, uphill and rising to the player's right positive. Immutable.
 */
final readonly class MappedPutt
{
    /** @param float|null $straightWithin along the circle, to either side, metres: so far the line may be straight too */
    public function __construct(
        public float $xMetres,
        public float $yMetres,
        public float $along,
        public float $across,
        public ?float $straightWithin = null,
    ) {}
}
