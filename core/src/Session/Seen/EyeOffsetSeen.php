<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far the eyes were set outside the ball line for it to look straight, positive away from the player. */
final readonly class EyeOffsetSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('eye_offset_m', 'Eyes outside the line by', Answers::metres(-0.2, 0.2), Feeds::StartLine, false);
    }
}
