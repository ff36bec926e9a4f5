<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether there was doubt over the ball. */
final readonly class DoubtSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('doubt', 'Over the ball', Answers::yesNo('In doubt', 'Sure'), Feeds::Routine, true);
    }
}
