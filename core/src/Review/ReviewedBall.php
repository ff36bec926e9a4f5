<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Evidence\RolledBall;

/** A ball of the backstroke chart. This class is immutable. */
final readonly class ReviewedBall
{
    /**
     * @param ExcludedBalls|null $why it is left out of the fit; null when it is in
     * @param float|null $relativeRoll level-equivalent roll over green speed; null when unknown
     * @param float|null $weight in the fit
     */
    public function __construct(
        public RolledBall $rolled,
        public ?ExcludedBalls $why,
        public ?float $relativeRoll,
        public ?float $weight,
        public bool $isOdd,
        public bool $isToday,
    ) {}
}
