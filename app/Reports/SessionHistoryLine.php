<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\PracticeSession;

/** A past session in one line. */
final readonly class SessionHistoryLine
{
    /**
     * @param int $balls that stand
     * @param int $students whose balls they are
     * @param list<string> $drills names, in the order they were rolled
     */
    public function __construct(
        public PracticeSession $session,
        public int $balls,
        public int $students,
        public array $drills,
    ) {}
}
