<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** What a ball was played with; only the putter tells of a putting stroke. */
final readonly class ClubSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('club', 'Played with', Answers::words(['putter' => 'The putter', 'wedge' => 'A wedge']), Feeds::Routine, true);
    }
}
