<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How a ball met its gate, rail, line or spot. */
final readonly class GateSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('gate', 'It started', Answers::words(['left' => 'Left', 'through' => 'Through', 'right' => 'Right']), Feeds::StartLine, false, 'g');
    }
}
