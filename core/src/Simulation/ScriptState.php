<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Drill\DrillState;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\SessionLog;

/** How far a session has come, whoever brought it there. Immutable. */
final readonly class ScriptState
{
    /**
     * @param array{list<float>, list<float>} $ramp metres rolled there and back so far
     * @param bool $isMeasured whether the green's speed stands by a reading of another kind, or none is wanted
     * @param DrillState|null $drill null before it is begun
     * @param bool $hasNotes whether something is written to carry on with
     * @param list<string> $seen keys of the steps that were only looked at
     */
    public function __construct(
        public SessionLog $log,
        public array $ramp,
        public bool $isMeasured,
        public ?DrillState $drill,
        public bool $hasNotes,
        public bool $isEnded,
        public array $seen,
    ) {}

    public function ballsOutsideDrills(): int
    {
        return count(
            array_filter($this->log->putts, static fn(LoggedBall $putt): bool => $putt->belonging->runId === null),
        );
    }
}
