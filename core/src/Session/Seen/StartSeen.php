<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Where a ball started by eye, apart from where it ended. */
final readonly class StartSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('start', 'It started, by eye', Answers::words(['left' => 'Left', 'on' => 'On line', 'right' => 'Right']), Feeds::StartLine, true);
    }
}
