<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Whether the student aimed along a line or over a spot. */
final readonly class AimBySeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('aim_by', 'Aimed by', Answers::words(['line' => 'A line', 'spot' => 'A spot']), Feeds::Reads, true, isBefore: true);
    }
}
