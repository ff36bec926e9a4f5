<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\RampRolls;
use Amble\Core\Green\RollDoubt;
use Amble\Core\Green\StopwatchRolls;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Green\Warning;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedGreen;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;

final class GreenSpeedTest extends PropertyTestCase
{
    public function testTheTwoWaySpeedLiesBetweenTheOneWayOnesWhicheverWayIsFirst(): void
    {
        $this->forAll(self::between(1.0, 6.0), self::between(1.0, 6.0))->then(function (
            float $there,
            float $back,
        ): void {
            $reading = RampRolls::of([$there], [$back])->reading();
            $turned = RampRolls::of([$back], [$there])->reading();
            self::assertGreaterThanOrEqual(min($there, $back) - 1e-12, $reading->speed->metres());
            self::assertLessThanOrEqual(max($there, $back) + 1e-12, $reading->speed->metres());
            self::assertNear($reading->speed->metres(), $turned->speed->metres());
            self::assertEqualsWithDelta((float) $reading->grade?->ratio(), -(float) $turned->grade?->ratio(), 1e-15);
        });
    }

    public function testARampOnAnEvenSlopeFindsBothSpeedAndSlope(): void
    {
        $this->forAll(self::between(4.0, 16.0), self::between(-2.0, 2.0))->then(function (
            float $feet,
            float $percent,
        ): void {
            $green = new SimulatedGreen(GreenSpeed::ofFeet($feet), Grade::ofPercent($percent), 0.0);
            if (GreenSpeed::ofFeet($feet)->decelerationOn(Grade::ofPercent(-abs($percent))) <= 0.0) {
                return;
            }
            $reading = RampRolls::of(...$green->rampRolls(2, new SeededRandom(1)))->reading();
            self::assertNear($feet, $reading->speed->feet(), 1e-9);
            self::assertEqualsWithDelta($percent, (float) $reading->grade?->percent(), 1e-9);
        });
    }

    public function testTheStopwatchFindsTheSpeedWithinItsOwnError(): void
    {
        $random = new SeededRandom(11);
        $green = new SimulatedGreen(GreenSpeed::ofFeet(9.5), Grade::ofPercent(0.8), 0.01);
        $inside = 0;
        for ($i = 0; $i < 300; ++$i) {
            $rolls = static fn(bool $there): array => array_map(
                static fn() => $green->timedRoll(2.4, $there, 0.05, $random),
                range(1, 4),
            );
            $range = StopwatchRolls::of($rolls(true), $rolls(false))->reading()->range(0.8);
            $inside += $range !== null && $range->contains(GreenSpeed::ofFeet(9.5)->metres()) ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.8, $inside / 300, 0.08);
    }

    public function testTheSlopeIsToldWithARangeThatHoldsItOrNotAtAll(): void
    {
        $random = new SeededRandom(12);
        $green = new SimulatedGreen(GreenSpeed::ofFeet(9.5), Grade::ofPercent(0.8), 0.01);
        $inside = ['stopwatch' => 0, 'ramp' => 0];
        for ($i = 0; $i < 300; ++$i) {
            $timed = static fn(bool $there): array => array_map(
                static fn() => $green->timedRoll(2.4, $there, 0.05, $random),
                range(1, 4),
            );
            $ranges = [
                'stopwatch' => StopwatchRolls::of($timed(true), $timed(false))->reading()->gradeRange(0.8),
                'ramp' => RampRolls::of(...$green->rampRolls(4, $random))->reading()->gradeRange(0.8),
            ];
            foreach ($ranges as $how => $range) {
                $inside[$how] += $range !== null && $range->contains(0.008) ? 1 : 0;
            }
        }
        self::assertEqualsWithDelta(0.8, $inside['stopwatch'] / 300, 0.08);
        self::assertEqualsWithDelta(0.8, $inside['ramp'] / 300, 0.08);
        self::assertNull(
            RampRolls::of([3.0], [2.8])
                ->reading()
                ->gradeRange(0.8),
        );
        self::assertNull(
            RampRolls::of([3.0, 2.9], [])
                ->reading()
                ->gradeRange(0.8),
        );
    }

    public function testARollIsAskedAboutWhenItIsShortOrFarFromTheOthersThatWay(): void
    {
        $roll = static fn(float $metres, float $seconds): TimedRoll => TimedRoll::of($metres, $seconds);
        $others = [$roll(5.0, 4.2), $roll(5.4, 4.3), $roll(4.6, 4.0)];
        self::assertSame([], $roll(5.2, 4.25)->doubts($others));
        self::assertSame([RollDoubt::ShortTime], $roll(2.5, 2.95)->doubts($others));
        // The thumb came a second late: 9.7 ft would have read 4.6.
        self::assertSame([RollDoubt::FarFromOthers], $roll(5.0, 5.4)->doubts($others));
        self::assertSame([RollDoubt::FarFromOthers], $roll(5.0, 3.5)->doubts([$roll(5.0, 4.2)]));
        // The first one has nothing to be far from.
        self::assertSame([], $roll(5.0, 5.4)->doubts([]));
        self::assertSame([], $roll(5.0, 3.0)->doubts([]));
    }

    public function testWarningsComeOnlyWithTheirEvidence(): void
    {
        self::assertSame([], RampRolls::of([3.0, 3.1], [3.1, 3.0])->reading()->warnings);
        self::assertSame(
            [Warning::Spread, Warning::Sloped, Warning::SingleRoll],
            RampRolls::of([2.4, 2.7], [3.3])->reading()->warnings,
        );
        self::assertSame([Warning::OneDirection, Warning::SingleRoll], RampRolls::of([], [3.0])->reading()->warnings);
    }

    /** Eighteen inches between the ways show a slope, and each way takes one roll of what the scatter is told from. */
    public function testTheWaysOfARampDifferByAHandAndAHalfBeforeASlopeIsSaid(): void
    {
        $reading = static fn(float $inches): array => RampRolls::of(
            [3.0, 3.0],
            [3.0 + $inches * 0.0254, 3.0 + $inches * 0.0254],
        )->reading()->warnings;
        self::assertNotContains(Warning::Sloped, $reading(17.9));
        self::assertContains(Warning::Sloped, $reading(18.1));
        $free = static fn(array $there, array $back): int => RampRolls::of($there, $back)->reading()->degreesOfFreedom;
        self::assertSame(
            [1, 3, 1, 0],
            [$free([3.0, 3.1], [3.1]), $free([3.0, 3.1], [3.1, 3.2, 3.0]), $free([3.0, 3.1], []), $free([3.0], [3.1])],
        );
    }

    public function testASingleRollEachWayLeavesTheErrorUnknown(): void
    {
        self::assertNull(RampRolls::of([3.0], [3.1])->reading()->standardErrorMetres);
        // One roll back borrows the scatter of the two there.
        self::assertGreaterThan(0.0, RampRolls::of([3.0, 3.1], [3.1])->reading()->standardErrorMetres);
    }

    public function testAHomeMadeRampScalesEveryLength(): void
    {
        self::assertNear(
            RampRolls::of([2.5, 2.6], [2.7, 2.6])
                ->reading()
                ->speed->metres(),
            RampRolls::of([2.0, 2.08], [2.16, 2.08], 1.25)
                ->reading()
                ->speed->metres(),
        );
    }

    public function testARollThatIsNotOneIsRefusedAtItsPlace(): void
    {
        try {
            RampRolls::of([3.0, 0.0], []);
            self::fail('A roll of nothing was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame('direction_1_m.1', $refused->field());
        }
    }
}
