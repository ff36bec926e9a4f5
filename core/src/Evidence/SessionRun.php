<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Drill\DrillCard;

/** A drill as it is run in a session. This class is immutable. */
final readonly class SessionRun
{
    /**
     * @param list<string> $students in turn; empty for the session's own student
     */
    public function __construct(
        public string $id,
        public DrillCard $card,
        public array $students,
        public int $seed,
    ) {
    }
}
