<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Which way the head moved at contact, degrees from the line, positive right. */
final readonly class PathSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('path_deg', 'Path at contact, right is positive', Answers::number('°', -20.0, 20.0), Feeds::StartLine, true);
    }
}
