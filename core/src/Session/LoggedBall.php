<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** One ball as the log now has it. */
final readonly class LoggedBall
{
    /** @param non-negative-int $corrections how often it was corrected */
    public function __construct(
        public string $id,
        public int $atMilliseconds,
        public Ball $ball,
        public int $corrections,
        public BallOwner $belonging = new BallOwner(),
        public RollContext $during = new RollContext(),
    ) {}
}
