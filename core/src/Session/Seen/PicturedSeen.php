<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether line and drop were pictured before the stroke. */
final readonly class PicturedSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('pictured', 'Line and drop', Answers::yesNo('Pictured', 'Not pictured'), Feeds::Routine, true);
    }
}
