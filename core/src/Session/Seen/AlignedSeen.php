<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** What the student aimed with: a line on the ball, a spot on the green, or neither. */
final readonly class AlignedSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('aligned', 'Aimed with', Answers::words(['line' => 'Line on the ball', 'spot' => 'A spot', 'none' => 'Neither']), Feeds::StartLine, true);
    }
}
