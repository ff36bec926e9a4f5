<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How a ball passed a spot ahead of it. */
final readonly class SpotSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('spot', 'Over the spot', Answers::words(['left' => 'Left of it', 'over' => 'Over it', 'right' => 'Right of it']), Feeds::StartLine, false);
    }
}
