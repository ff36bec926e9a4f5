<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\Side;
use Amble\Core\Direction\StartLineTest;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Distance\LengthHabit;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What a tool would know of a simulated student before a drill, found as it is found of real ones. */
final class ForecastCheck
{
    private const PUTTS = 400;
    private const SEED = 11;
    private const GREEN_FEET = 9.5;

    /** @var array<string, PassChances> */
    private static array $known = [];

    /**
     * From putts at a covered hole at these lengths, and starts through a gate.
     *
     * @param non-empty-list<PassContext> $round
     */
    public static function skill(SimulatedStudent $student, array $round): PassChances
    {
        $lengths = array_map(static fn(PassContext $context): float => $context->length->metres(), $round);

        return self::$known[serialize([$student, $lengths])] ??= self::found($student, $lengths);
    }

    /** @param non-empty-list<float> $lengths metres */
    private static function found(SimulatedStudent $student, array $lengths): PassChances
    {
        $speed = GreenSpeed::ofFeet(self::GREEN_FEET);
        $random = new SeededRandom(self::SEED);
        $gate = StartLineTest::gate(Length::ofMetres(0.075), Length::ofMetres(0.5));
        $putts = $starts = [];
        for ($i = 0; $i < self::PUTTS; ++$i) {
            $target = Length::ofMetres($lengths[$i % count($lengths)]);
            $putt = $student->puttTo(
                Length::ofMetres($target->metres() + DrillPlayer::MEANT_PAST),
                $speed,
                $speed,
                Grade::level(),
                $random,
            );
            assert($putt !== null);
            $putts[] = DistancePutt::stoppedAt($target, $putt->rollMetres);
            $starts[] = match (true) {
                $putt->startLine < -$gate->halfAngle() => $gate->missed(Side::Left),
                $putt->startLine > $gate->halfAngle() => $gate->missed(Side::Right),
                default => $gate->passed(),
            };
        }

        return PassChances::found(LengthHabit::of($putts), (new DirectionFitter())->fit($starts), $speed);
    }
}
