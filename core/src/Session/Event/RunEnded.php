<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/** Somebody said that it was enough: the drill ends with what was done. Undone, it goes on. */
final readonly class RunEnded extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $runId)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'run_ended';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->text('run_id', 40));
    }

    public function apply(SessionFold $fold): void
    {
        $fold->noteRun($this->runId, $fold->run($this->runId)->ended($this->atMilliseconds));
    }
}
