<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Where a ball started as a sensor measured it, degrees from the line, positive right. */
final readonly class StartAngleSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('start_deg', 'Start line, right is positive', Answers::number('°', -15.0, 15.0), Feeds::StartLine, true);
    }
}
