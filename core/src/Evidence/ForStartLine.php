<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Direction\Side;
use Amble\Core\Numeric\Bound;
use Amble\Core\Session\GateResult;

/**
 * The balls that tell the start line (maths.md 4.1): past a gate, rail or line of known size that somebody
 * checked, by the width in force when they were rolled; or seen by eye to start to one side.
 */
final class ForStartLine extends Selection
{
    public function leavesOut(RolledBall $ball): ?LeftOut
    {
        $bySide = self::side($ball) !== null;

        return match (true) {
            !$bySide && $ball->ball->sight->gate === null => LeftOut::NotAsked,
            self::marked($ball) !== null => self::marked($ball),
            $bySide => null,
            $ball->startLineTest() === null => LeftOut::NoSize,
            !$ball->isAidChecked => LeftOut::Unchecked,
            default => null,
        };
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<Bound> radians, positive right, of those that count
     */
    public function bounds(array $balls): array
    {
        $bounds = [];
        foreach ($this->of($balls) as $ball) {
            $bounds[] = self::bound($ball);
        }

        return array_values(array_filter($bounds));
    }

    private static function bound(RolledBall $ball): ?Bound
    {
        $test = $ball->isAidChecked ? $ball->startLineTest() : null;
        $gate = $test === null ? null : match ($ball->ball->sight->gate) {
            GateResult::Through => $test->passed(),
            GateResult::Left => $test->missed(Side::Left),
            GateResult::Right => $test->missed(Side::Right),
            null => null,
        };

        return $gate ?? match (self::side($ball)) {
            Side::Left => Bound::between(null, 0.0),
            Side::Right => Bound::between(0.0, null),
            null => null,
        };
    }

    /** To which side it started by eye, or passed a spot; "on line" by eye bounds nothing. */
    private static function side(RolledBall $ball): ?Side
    {
        return match ($ball->ball->sight->word('start') ?? $ball->ball->sight->word('spot')) {
            'left' => Side::Left,
            'right' => Side::Right,
            default => null,
        };
    }
}
