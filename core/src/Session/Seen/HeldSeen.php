<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the finish was held still, or left early. */
final readonly class HeldSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('held', 'The finish', Answers::yesNo('Held still', 'Up early'), Feeds::Routine, true);
    }
}
