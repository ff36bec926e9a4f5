<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\Stop;

/** The balls that tell feel (maths.md 7): called before looking, and their length could be told. */
final class ForFeel extends Selection
{
    public function leavesOut(RolledBall $ball): ?ExcludedBalls
    {
        return match (true) {
            $ball->ball->sight->call === null => ExcludedBalls::NotAsked,
            $ball->ball->remarks->mark !== null => self::marked($ball),
            // A hole that took the ball hid how far it would have rolled.
            $ball->ball->stop === Stop::Holed && $ball->ball->roll === null => ExcludedBalls::HoledUnjudged,
            $ball->lengthWord() === null => ExcludedBalls::NoWord,
            default => null,
        };
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<array{LengthCall, LengthCall}> call and result of those that count
     */
    public function pairs(array $balls): array
    {
        $pairs = [];
        foreach ($this->of($balls) as $ball) {
            $word = $ball->lengthWord();
            if ($ball->ball->sight->call !== null && $word !== null) {
                $pairs[] = [$ball->ball->sight->call, $word];
            }
        }

        return $pairs;
    }
}
