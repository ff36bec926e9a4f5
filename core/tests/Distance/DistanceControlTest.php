<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Distance;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Length;
use Eris\Generators;

final class DistanceControlTest extends PropertyTestCase
{
    private static function stopped(float $target, float $stop): DistancePutt
    {
        return DistancePutt::stoppedAt(Length::ofMetres($target), $stop);
    }

    public function testByHand(): void
    {
        $control = DistanceControl::of([
            self::stopped(5, 5.5),
            self::stopped(10, 9),
            self::stopped(4, 4),
            self::stopped(2, 2.6),
        ]);
        self::assertNear(0.075, (float) $control->bias);
        // Errors 0.1, −0.1, 0, 0.3 around 0.075: squares sum to 0.0875.
        self::assertNear(sqrt(0.0875 / 3), (float) $control->spread);
        self::assertSame(
            [4, 4, 0.75, 1, 2],
            [$control->n, $control->nMeasured, $control->insideShare, $control->short, $control->long],
        );
    }

    public function testAHoledBallIsInsideAndEntersTheFiguresOnlyWithAJudgedPace(): void
    {
        $hole = Length::ofMetres(6.0);
        $unjudged = DistanceControl::of([DistancePutt::holed($hole), self::stopped(6, 5.7)]);
        self::assertSame([2, 1, 1.0], [$unjudged->n, $unjudged->nMeasured, $unjudged->insideShare]);
        self::assertNear(-0.05, (float) $unjudged->bias);
        self::assertNull($unjudged->spread);
        $judged = DistanceControl::of([DistancePutt::holed($hole, 9.0), self::stopped(6, 5.7)]);
        self::assertSame([2, 1.0], [$judged->nMeasured, $judged->insideShare]);
        self::assertNear(0.225, (float) $judged->bias);
    }

    public function testABallCutShortBeyondTheWindowIsOutsideAndBeforeItsEndIsNotKnown(): void
    {
        $six = Length::ofMetres(6.0);
        $control = DistanceControl::of([
            self::stopped(6, 6.1),
            self::stopped(6, 5.8),
            DistancePutt::cutShortAt($six, 6.7),
            DistancePutt::cutShortAt($six, 6.3),
        ]);
        self::assertSame([4, 2, 2], [$control->n, $control->nMeasured, $control->nCutShort]);
        // Two inside and one certainly outside; of the fourth nobody knows.
        self::assertNear(2 / 3, (float) $control->insideShare);
        self::assertSame([1, 3], [$control->short, $control->long]);
        self::assertNull(DistanceControl::of([DistancePutt::cutShortAt($six, 6.3)])->insideShare);
    }

    public function testTakingCutShortRollsAtTheirFaceWouldBendTheFigures(): void
    {
        $random = new SeededRandom(5);
        [$free, $cut] = [[], []];
        for ($i = 0; $i < 400; ++$i) {
            $roll = 6.0 * (1.0 + 0.03 + 0.12 * $random->normal());
            $free[] = self::stopped(6, $roll);
            // An edge 5 % beyond the target stops the longer ones.
            $cut[] = $roll > 6.3 ? DistancePutt::cutShortAt(Length::ofMetres(6.0), 6.3) : self::stopped(6, $roll);
        }
        [$truth, $told] = [DistanceControl::of($free), DistanceControl::of($cut)];
        self::assertEqualsWithDelta((float) $truth->bias, (float) $told->bias, 0.015);
        self::assertEqualsWithDelta((float) $truth->spread, (float) $told->spread, 0.015);
    }

    public function testOnlyHoledBallsLeaveTheFiguresUnknown(): void
    {
        $control = DistanceControl::of([DistancePutt::holed(Length::ofMetres(3.0))]);
        self::assertNull($control->bias);
        self::assertNull($control->biasInterval);
        self::assertSame(1.0, $control->insideShare);
    }

    public function testScalingEveryLengthChangesNothing(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 10_000), self::between(0.2, 8.0))
            ->then(function (int $seed, float $scale): void {
                $random = new SeededRandom($seed);
                $putts = array_map(
                    static fn(): array => [2.0 + 8.0 * $random->uniform(), 1.0 + 0.1 * $random->normal()],
                    range(1, 12),
                );
                $at = static fn(float $by): DistanceControl => DistanceControl::of(
                    array_map(
                        static fn(array $putt): DistancePutt => self::stopped(
                            $by * $putt[0],
                            $by * $putt[0] * max(0.0, $putt[1]),
                        ),
                        $putts,
                    ),
                );
                self::assertNear((float) $at(1.0)->bias, (float) $at($scale)->bias, 1e-7);
                self::assertNear((float) $at(1.0)->spread, (float) $at($scale)->spread, 1e-9);
                self::assertSame($at(1.0)->insideShare, $at($scale)->insideShare);
            });
    }

    public function testItsIntervalsHoldTheTruthAsOftenAsTheySay(): void
    {
        $random = new SeededRandom(90);
        [$bias, $spread, $share] = [0, 0, 0];
        for ($i = 0; $i < 500; ++$i) {
            $control = DistanceControl::of(
                array_map(
                    static fn(): DistancePutt => self::stopped(6.0, 6.0 * (1.0 - 0.04 + 0.1 * $random->normal())),
                    range(1, 15),
                ),
            );
            $bias += $control->biasInterval?->contains(-0.04) ? 1 : 0;
            $spread += $control->spreadInterval?->contains(0.1) ? 1 : 0;
            // Φ(1.4) − Φ(−0.6) of a normal at −0.04 with spread 0.1 lies within a tenth.
            $share += $control->insideInterval->contains(0.6449902) ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.8, $bias / 500, 0.05);
        self::assertEqualsWithDelta(0.8, $spread / 500, 0.05);
        self::assertEqualsWithDelta(0.8, $share / 500, 0.07);
    }

    public function testNothingToMeasureIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        DistanceControl::of([]);
    }
}
