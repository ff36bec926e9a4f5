<?php

declare(strict_types=1);

namespace Amble\Core\Session\Event;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SessionFold;

/** An earlier event is taken back; taking back an undo brings the first one back. */
final readonly class EventUndone extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $eventId)
    {
        parent::__construct($id, $atMilliseconds);
    }

    public static function type(): string
    {
        return 'undone';
    }

    public static function version(): int
    {
        return 1;
    }

    public static function read(JsonInput $event, string $id, int $at, int $version): self
    {
        return new self($id, $at, $event->text('event_id', 40));
    }

    public function takesBack(): string
    {
        return $this->eventId;
    }

    /** What it took back is settled before anything is laid over anything. */
    public function apply(SessionFold $fold): void {}
}
