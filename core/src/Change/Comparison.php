<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Numeric\Interval;

/** A figure then and now, and whether they clearly differ (maths.md 8). Immutable. */
final readonly class Comparison
{
    /**
     * @param float $difference in the comparison's own unit (a log ratio for spreads)
     * @param int|null $furtherPutts more putts, at today's estimate, that would settle it; null when
     *                               it is settled, or when today's figures do not differ at all
     */
    public function __construct(public float $difference, public Interval $interval, public ?int $furtherPutts)
    {
    }

    /**
     * Whether the interval excludes no change. At 80 % one quiet comparison in five does so by
     * chance, so it is not to be repeated after every ball.
     */
    public function isClear(): bool
    {
        return !$this->interval->contains(0.0);
    }
}
