<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Device\DeviceKind;
use Amble\Core\Direction\Side;
use Amble\Core\Numeric\Bound;
use Amble\Core\Session\GateResult;

/**
 * The balls that tell the start line (maths.md 4.1): past a gate, rail or line of known size that somebody
 * checked, by the width in force when they were rolled; measured by a sensor; or seen by eye to start to one side.
 */
final class ForStartLine extends Selection
{
    public function leavesOut(RolledBall $ball): ?LeftOut
    {
        $bySide = self::side($ball) !== null || self::measured($ball) !== null;

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
        $measured = self::measured($ball);
        if ($measured !== null) {
            return $measured;
        }
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

    /**
     * A sensor's angle with the sensor's error: for an error spread evenly over ±h, h = √3 times its deviation, the
     * likelihood of a reading ψ is that of a start between ψ − h and ψ + h.
     */
    private static function measured(RolledBall $ball): ?Bound
    {
        $degrees = $ball->ball->sight->number('start_deg');
        $half = sqrt(3.0) * DeviceKind::StrokeSensor->errorOf('start_deg');

        return $degrees === null ? null : Bound::between(deg2rad($degrees - $half), deg2rad($degrees + $half));
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
