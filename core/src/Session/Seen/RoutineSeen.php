<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the routine was kept. */
final readonly class RoutineSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('routine', 'The routine', Answers::yesNo('Kept', 'Not kept'), Feeds::Routine, true);
    }
}
