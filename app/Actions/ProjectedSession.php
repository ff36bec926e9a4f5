<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Session\SessionLog;

/** A session's log as it was projected, and which rows changed with it. Immutable. */
final readonly class ProjectedSession
{
    /**
     * @param array<string, int> $positions of the events in the log, by id
     * @param list<string> $changed ids of balls whose rows were written
     * @param list<string> $removed ids of balls that no longer stand
     * @param bool $keepsOrder whether every other ball kept its place, and new ones stand after them
     * @param list<string> $runs ids of drill runs whose balls or notes changed
     */
    public function __construct(
        public SessionLog $log,
        public array $positions,
        public array $changed,
        public array $removed,
        public bool $keepsOrder,
        public array $runs,
    ) {}
}
