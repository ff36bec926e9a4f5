<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How far apart two balls lie after one struck the other. */
final readonly class GapSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('gap_m', 'Then they lie apart', Answers::metres(0.0, 10.0), Feeds::StartLine, false);
    }
}
