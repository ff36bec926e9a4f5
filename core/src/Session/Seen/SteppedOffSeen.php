<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the student stepped off and began anew. */
final readonly class SteppedOffSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('stepped_off', 'Before the stroke', Answers::yesNo('Stepped off', 'Went on'), Feeds::Routine, true);
    }
}
