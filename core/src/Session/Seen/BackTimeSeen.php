<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How long the stroke went back, seconds. */
final readonly class BackTimeSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('back_s', 'Time back', Answers::number('s', 0.1, 3.0), Feeds::Stroke, true);
    }
}
