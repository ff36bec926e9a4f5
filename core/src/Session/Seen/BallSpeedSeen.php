<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How fast the ball left, metres per second. */
final readonly class BallSpeedSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('ball_speed_m_s', 'Ball speed', Answers::number('m/s', 0.2, 8.0), Feeds::Stroke, true);
    }
}
