<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Session\SessionEvent;

/** The events of one drill run, and whose ball each was. */
final readonly class RunLog
{
    /**
     * @param list<SessionEvent> $events
     * @param array<string, string> $students by event id; '' outside a group, and for corrections and undos
     */
    public function __construct(public array $events, public array $students)
    {
    }
}
