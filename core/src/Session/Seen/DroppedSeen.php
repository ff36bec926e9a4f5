<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether a ball judged by something else dropped in the end: a second outcome, apart from the first. */
final readonly class DroppedSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('dropped', 'In the end', Answers::yesNo('Holed', 'Not holed'), Feeds::SecondPutts, false, 'd');
    }
}
