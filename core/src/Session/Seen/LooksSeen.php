<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How many looks along the line. */
final readonly class LooksSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('looks', 'Looks', Answers::count(0, 20), Feeds::Routine, true);
    }
}
