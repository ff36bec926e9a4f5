<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** What a ball off the green lay on. */
final readonly class LieSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('lie', 'Off the green, it lay on', Answers::words(['fringe' => 'Fringe', 'rough' => 'Rough', 'bare' => 'Bare ground']), Feeds::Routine, true);
    }
}
