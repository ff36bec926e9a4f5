<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** From how many places it was read: behind the ball, behind the hole, the high side, the low side. */
final readonly class ViewsTakenSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('views_taken', 'Read from so many places', Answers::count(1, 6), Feeds::Reads, true, isBefore: true);
    }
}
