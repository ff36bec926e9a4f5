<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far the putter went through. */
final readonly class ThroughSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('through', 'The through-swing', Answers::words(['equal' => 'As long as the backstroke', 'compact' => 'Compact', 'past' => 'Past the lead shoe']), Feeds::Stroke, true);
    }
}
