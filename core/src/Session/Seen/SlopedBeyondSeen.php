<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How the ground lay beyond the hole, where a ball went past: it tells the putt back, which goes the other way. */
final readonly class SlopedBeyondSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct(
            'sloped_beyond',
            'Beyond the hole the ground went',
            Answers::words(['up' => 'Up', 'level' => 'Level', 'down' => 'Down']),
            Feeds::Reads,
            true,
            tellsOfNext: ['read_grade' => ['up' => 'down', 'level' => 'level', 'down' => 'up']],
        );
    }
}
