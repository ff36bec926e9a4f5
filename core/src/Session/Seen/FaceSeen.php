<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Where the face pointed at contact, degrees from the line, positive right. */
final readonly class FaceSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('face_deg', 'Face at contact, right is positive', Answers::number('°', -15.0, 15.0), Feeds::StartLine, true);
    }
}
