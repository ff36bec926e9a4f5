<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/** Somebody joined a drill that was under way, at the station in work. */
final readonly class RunJoined extends SessionEvent
{
    private const MOST_STATIONS = 99;

    /** @param non-negative-int $station its place in the drill, from 0 */
    public function __construct(
        string $id,
        int $atMilliseconds,
        public string $runId,
        public string $student,
        public int $station,
    ) {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'run_joined';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self(
            $id,
            $at,
            $event->text('run_id', 40),
            $event->text('student', 80),
            max(0, $event->wholeNumberOr('station', 0, self::MOST_STATIONS, 0)),
        );
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteRun($this->runId, $fold->run($this->runId)->withStudent($this->student, $this->station));
    }
}
