<?php

declare(strict_types=1);

namespace Amble\Core\Session;

/** An earlier event is taken back; taking back an undo brings the first one back. */
final readonly class EventUndone extends SessionEvent
{
    public function __construct(string $id, int $atMilliseconds, public string $eventId)
    {
        parent::__construct($id, $atMilliseconds);
    }
}
