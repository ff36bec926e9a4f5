<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Numeric\Interval;

/** First putts of about one length, and what came of them. This class is immutable. */
final readonly class FirstPuttClass
{
    /**
     * @param float $low and $high ends of the class, metres; high null for the last one, which is open
     * @param float $onePutt share holed at once
     * @param float $threePutt share of three putts or more
     * @param float|null $meanLeave metres; null where nobody noted one
     */
    public function __construct(
        public float $low,
        public ?float $high,
        public int $n,
        public float $onePutt,
        public Interval $onePuttInterval,
        public float $threePutt,
        public Interval $threePuttInterval,
        public ?float $meanLeave,
    ) {}
}
