<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Drill\Drill;

/** A drill as it is run in a session. This class is immutable. */
final readonly class SessionRun
{
    /**
     * @param list<string> $students in turn; empty for the session's own student
     * @param array<string, float> $finishPast how far past a hole each student plays for, metres
     */
    public function __construct(
        public string $id,
        public Drill $card,
        public array $students,
        public int $seed,
        private array $finishPast = [],
    ) {}

    /** How far past a hole a student plays for, metres; 0 where nobody is known. */
    public function finishPast(?string $student): float
    {
        return $this->finishPast[$student ?? ''] ?? 0.0;
    }
}
