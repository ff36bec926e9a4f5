<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** To which side the student read the ball to break. */
final readonly class ReadSideSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('read_side', 'Read to break', Answers::words(['left' => 'Left', 'straight' => 'Not at all', 'right' => 'Right']), Feeds::Reads, true, isBefore: true);
    }
}
