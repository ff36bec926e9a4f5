<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the putt was read to go up or down. */
final readonly class ReadGradeSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('read_grade', 'It goes', Answers::words(['up' => 'Up', 'level' => 'Level', 'down' => 'Down']), Feeds::Reads, true, isBefore: true);
    }
}
