<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far beside the line a ball stopped, positive right. */
final readonly class SideSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('side_m', 'Beside the line', Answers::metres(-30.0, 30.0), Feeds::Distance, false);
    }
}
