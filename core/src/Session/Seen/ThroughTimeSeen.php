<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How long the stroke took from its turn to the ball, seconds. */
final readonly class ThroughTimeSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('through_s', 'Time to the ball', Answers::number('s', 0.05, 2.0), Feeds::Stroke, true);
    }
}
