<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Device\DeviceKind;
use Amble\Core\Direction\Side;
use Amble\Core\Numeric\Bound;
use Amble\Core\Session\GateResult;

/**
 * The balls that tell the start line (maths.md 4.1): past a gate, rail or line of known size that somebody
 * checked, by the width in force when they were rolled; or measured by a sensor. What an eye told is counted beside.
 */
final class ForStartLine extends Selection
{
    public function leavesOut(RolledBall $ball): ?ExcludedBalls
    {
        $isMeasured = $ball->ball->sight->number('start_deg') !== null;

        return match (true) {
            !$isMeasured && $ball->ball->sight->gate === null => self::byEye($ball) === null
                ? ExcludedBalls::NotAsked
                : ExcludedBalls::ByEye,
            self::marked($ball) !== null => self::marked($ball),
            $isMeasured => null,
            $ball->startLineTest() === null => ExcludedBalls::NoSize,
            !$ball->isAidChecked => ExcludedBalls::Unchecked,
            default => null,
        };
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<RolledBall> those whose start only an eye told
     */
    public function byEyeAlone(array $balls): array
    {
        return array_values(
            array_filter($balls, fn(RolledBall $ball): bool => $this->leavesOut($ball) === ExcludedBalls::ByEye),
        );
    }

    /** How it started by the coach's eye, or passed a spot: 'left', 'on' or 'right'; null where nobody said. */
    public static function byEye(RolledBall $ball): ?string
    {
        $word = $ball->ball->sight->word('start') ?? $ball->ball->sight->word('spot');

        return $word === 'over' ? 'on' : $word;
    }

    /**
     * Starts told by eye are counted beside, never mixed with what was measured (maths.md 4.2).
     *
     * @param list<RolledBall> $balls
     *
     * @return array{left: int, on: int, right: int}
     */
    public static function countsByEye(array $balls): array
    {
        $counts = ['left' => 0, 'on' => 0, 'right' => 0];
        foreach ($balls as $ball) {
            $word = self::marked($ball) === null ? self::byEye($ball) : null;
            if ($word !== null && isset($counts[$word])) {
                ++$counts[$word];
            }
        }

        return $counts;
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
        return $test === null
            ? null
            : match ($ball->ball->sight->gate) {
                GateResult::Through => $test->passed(),
                GateResult::Left => $test->missed(Side::Left),
                GateResult::Right => $test->missed(Side::Right),
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
}
