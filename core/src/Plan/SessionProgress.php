<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/** What happened in a session so far, as a plan is held against it. Immutable. */
final readonly class SessionProgress
{
    /**
     * @param float $minutes since it began
     * @param bool $isMeasured whether the green's speed stands today
     * @param array<string, array{minutes: float, is_over: bool}> $drills by key: from the first ball to the last one
     * @param array<string, array{minutes: float, balls: int}> $parts by name of the part: baseline, work, retest
     */
    public function __construct(
        public float $minutes,
        public bool $isMeasured,
        public int $aims,
        public array $drills,
        public array $parts,
        public bool $isEnded,
    ) {}
}
