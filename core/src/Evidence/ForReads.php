<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

/** The balls that tell reads: on a putt that breaks, with the side they missed on or the read that was called. */
final class ForReads extends Selection
{
    private const SEEN = ['high_low', 'read_side', 'read_amount_m', 'side_m'];

    public function leavesOut(RolledBall $ball): ?ExcludedBalls
    {
        $isSeen = array_filter(self::SEEN, $ball->ball->sight->has(...)) !== [];

        return match (true) {
            !$isSeen => ExcludedBalls::NotAsked,
            $ball->ball->remarks->mark !== null => self::marked($ball),
            $ball->ball->across->ratio() === 0.0 => ExcludedBalls::Straight,
            default => null,
        };
    }
}
