<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Drill\Drill;

/** A drill as it is run in a session. This class is immutable. */
final readonly class SessionRun
{
    /**
     * @param string $key of the drill
     * @param list<string> $students in turn; empty for the session's own student
     */
    public function __construct(
        public string $id,
        public string $key,
        public Drill $drill,
        public array $students,
        public int $seed,
    ) {
    }
}
