<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether a ball struck what stood there. */
final readonly class HitSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('hit', 'What it did', Answers::yesNo('Struck it', 'Missed it'), Feeds::StartLine, false, 'y');
    }
}
