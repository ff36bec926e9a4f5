<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far behind the ball the student stood to read it. */
final readonly class ReadFromSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('read_from_m', 'Read from so far behind the ball', Answers::metres(0.0, 30.0), Feeds::Reads, true, isBefore: true);
    }
}
