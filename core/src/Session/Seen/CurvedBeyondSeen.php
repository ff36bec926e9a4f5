<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How a ball that went past curved beyond the hole, seen from where it was struck: it tells the putt back, which curves the other way. */
final readonly class CurvedBeyondSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct(
            'curved_beyond',
            'Beyond the hole it curved',
            Answers::words(['left' => 'Left', 'straight' => 'Not at all', 'right' => 'Right']),
            Feeds::Reads,
            true,
            tellsOfNext: ['read_side' => ['left' => 'right', 'straight' => 'straight', 'right' => 'left']],
        );
    }
}
