<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How many rehearsals before a ball. */
final readonly class RehearsalsSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('rehearsals', 'Rehearsals', Answers::count(0, 20), Feeds::Routine, true);
    }
}
