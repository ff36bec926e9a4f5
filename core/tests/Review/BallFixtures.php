<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Check\StudentChecks;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Review\BallSelection;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\RollContext;
use Amble\Core\Session\Stop;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Student\Hand;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Amble\Tools\SimulatedPractice;

/** Balls for the tests of looking back. */
final class BallFixtures
{
    public const GATE = 0.062;

    private static int $number = 0;

    /** @param array<string, string|bool|int|float|null> $seen */
    public static function one(
        ?float $roll = 3.0,
        ?float $target = 3.0,
        array $seen = [],
        string $session = 'S',
        float $across = 0.0,
        float $grade = 0.0,
        Stop $stop = Stop::Free,
        bool $isAtHole = false,
        int $attempt = 1,
        ?BallMark $mark = null,
        ?Cause $cause = null,
        ?float $back = null,
        ?float $gate = null,
        ?string $drill = null,
        ?string $putter = null,
        int $block = 1,
        Surface $surface = Surface::Grass,
        RollContext $during = new RollContext(),
        float $finishPast = 0.3,
        bool $isMeasuringStroke = false,
    ): RolledBall {
        ++self::$number;
        $length = static fn(?float $metres): ?Length => $metres === null ? null : Length::ofMetres($metres);
        $ball = Ball::seen(
            $length($back),
            $length($roll),
            $stop,
            $length($target),
            Grade::ofPercent($grade),
            new Remarks($mark, $cause),
            sight: Observations::answered($seen),
            across: Grade::ofPercent($across),
        );

        return new RolledBall(
            sprintf('B%06d', self::$number),
            1000 * self::$number,
            $session,
            $ball,
            surface: $surface,
            reading: new MeasurementInForce(new MeasurementAt(0, $session, GreenSpeed::ofFeet(9.5), 0.02), true, 0),
            putter: $putter,
            drill: $drill,
            word: $target === null
                ? null
                : Acceptance::usual(Length::ofMetres($target + ($isAtHole ? $finishPast : 0.0)))->word($ball),
            attempt: $attempt,
            block: $block,
            aid: $gate === null ? null : AidKind::Gate,
            aidWidth: $gate,
            aidDistance: $gate === null ? null : 0.5,
            isAidChecked: $gate !== null,
            isAtHole: $isAtHole,
            during: $during,
            finishPast: $finishPast,
            isMeasuringStroke: $isMeasuringStroke,
        );
    }

    /** @param list<RolledBall> $balls */
    public static function asked(
        array $balls,
        float $pace = 0.3,
        Hand $hand = Hand::Right,
        StudentChecks $checked = new StudentChecks([]),
    ): BallSelection {
        return new BallSelection($balls, Surface::Grass, $pace, $hand, checked: $checked);
    }

    /**
     * A practice of a student with some of it changed.
     *
     * @param array<string, float> $changes
     *
     * @return list<RolledBall>
     */
    public static function practice(int $n, array $changes = [], int $seed = 1, string $session = 'S'): array
    {
        $speed = GreenSpeed::ofFeet(9.5);
        $student = SimulatedStudent::calibrated(0.3, 1.7, 0.08)->changed($changes);
        $rolled = [];
        foreach (
            (new SimulatedPractice($student, $speed, new SeededRandom($seed), self::GATE))->balls($n)
            as [$ball, $isGated]
        ) {
            ++self::$number;
            $rolled[] = new RolledBall(
                sprintf('B%06d', self::$number),
                1000 * self::$number,
                $session,
                $ball,
                surface: Surface::Grass,
                reading: new MeasurementInForce(new MeasurementAt(0, $session, $speed, 0.02), true, 0),
                word: $ball->target === null
                    ? null
                    : Acceptance::usual(Length::ofMetres($ball->target->metres() + ($isGated ? 0.3 : 0.0)))->word(
                        $ball,
                    ),
                aid: $isGated ? AidKind::Gate : null,
                aidWidth: $isGated ? self::GATE : null,
                aidDistance: $isGated ? SimulatedPractice::GATE_DISTANCE : null,
                isAidChecked: $isGated,
                isAtHole: $isGated,
                finishPast: 0.3,
            );
        }

        return $rolled;
    }
}
