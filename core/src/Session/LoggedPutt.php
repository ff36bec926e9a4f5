<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** One ball as the log now has it. */
final readonly class LoggedPutt
{
    /** @param non-negative-int $corrections how often it was corrected */
    public function __construct(
        public string $id,
        public int $atMilliseconds,
        public Ball $ball,
        public int $corrections,
        public Belonging $belonging = new Belonging(),
        public During $during = new During(),
    ) {
    }
}
