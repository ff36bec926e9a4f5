<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** On which side a ball went by what it was to strike or fall into. */
final readonly class MissedSideSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('missed_side', 'It went by', Answers::words(['left' => 'Left', 'right' => 'Right', 'short' => 'Short']), Feeds::StartLine, false);
    }
}
