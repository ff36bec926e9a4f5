<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;

/** One session's figure of a measure over time. This class is immutable. */
final readonly class TrendPoint
{
    /**
     * @param int $atMilliseconds of its first ball
     * @param Interval|null $interval at 80 %; null where too few balls tell one
     */
    public function __construct(
        public string $sessionId,
        public int $atMilliseconds,
        public float $value,
        public ?Interval $interval,
        public int $n,
    ) {}
}
