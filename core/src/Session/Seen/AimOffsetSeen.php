<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far beside the mark the face pointed, at the mark, positive right. */
final readonly class AimOffsetSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('aim_offset_m', 'The face pointed beside the mark', Answers::metres(-1.0, 1.0), Feeds::StartLine, false);
    }
}
