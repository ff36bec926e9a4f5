<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Direction;

use Amble\Core\Direction\AimAndStroke;
use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\DirectionState;
use Amble\Core\Direction\GateChoice;
use Amble\Core\Direction\HoleTolerance;
use Amble\Core\Direction\ImpactModel;
use Amble\Core\Direction\OneSidedMisses;
use Amble\Core\Direction\Side;
use Amble\Core\Direction\StartLineTest;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Length;
use Eris\Generators;

final class DirectionFitTest extends PropertyTestCase
{
    /** @return list<Bound> what a gate of this half-angle shows of normal start lines; radians */
    private static function throughGate(SeededRandom $random, int $n, float $bias, float $spread, float $half): array
    {
        return array_map(static function () use ($random, $bias, $spread, $half): Bound {
            $line = $bias + $spread * $random->normal();

            return match (true) {
                $line < -$half => Bound::between(null, -$half),
                $line > $half => Bound::between($half, null),
                default => Bound::between(-$half, $half),
            };
        }, range(1, $n));
    }

    /** @param list<Bound> $bounds */
    private static function fit(array $bounds): DirectionFit
    {
        return (new DirectionFitter())->fit($bounds);
    }

    public function testExactAnglesGiveTheirMeanAndSpread(): void
    {
        $this->forAll(Generators::choose(1, 10_000), self::between(-0.05, 0.05), self::between(0.002, 0.06))->then(
            function (int $seed, float $bias, float $spread): void {
                $random = new SeededRandom($seed);
                $angles = array_map(static fn(): float => $bias + $spread * $random->normal(), range(1, 12));
                $fit = self::fit(array_map(Bound::exactly(...), $angles));
                $mean = array_sum($angles) / 12;
                $variance = array_sum(array_map(static fn(float $a): float => ($a - $mean) ** 2, $angles)) / 12;
                self::assertEqualsWithDelta($mean, (float) $fit->bias, 1e-9);
                self::assertNear(sqrt($variance), (float) $fit->spread, 1e-7);
            },
        );
    }

    public function testAGoodGateFindsTheTruthAndItsIntervalsCoverIt(): void
    {
        $random = new SeededRandom(77);
        [$bias, $spread] = [deg2rad(0.4), deg2rad(1.5)];
        $inBias = $inSpread = $n = 0;
        $logs = 0.0;
        for ($i = 0; $i < 400; ++$i) {
            $fit = self::fit(self::throughGate($random, 80, $bias, $spread, 0.85 * $spread));
            if ($fit->state !== DirectionState::Estimated) {
                continue;
            }
            ++$n;
            $inBias += $fit->biasInterval(0.8)?->contains($bias) ? 1 : 0;
            $inSpread += $fit->spreadInterval(0.8)?->contains($spread) ? 1 : 0;
            $logs += log((float) $fit->spread / $spread);
        }
        self::assertGreaterThan(390, $n);
        self::assertEqualsWithDelta(0.8, $inBias / $n, 0.06);
        self::assertEqualsWithDelta(0.8, $inSpread / $n, 0.06);
        self::assertEqualsWithDelta(0.0, $logs / $n, 0.03);
    }

    public function testMirroringMirrorsScalingScalesAndOrderIsNothing(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 10_000), self::between(0.2, 5.0))
            ->then(function (int $seed, float $scale): void {
                $bounds = self::throughGate(new SeededRandom($seed), 40, 0.004, 0.02, 0.018);
                $bounds[] = Bound::exactly(0.011);
                $bounds[] = Bound::exactly(-0.03);
                $finite = static fn(float $end, float $by): ?float => is_infinite($end) ? null : $by * $end;
                $turn = static fn(float $by): array => array_map(
                    static fn(Bound $b): Bound => match (true) {
                        $b->isExact() => Bound::exactly($by * $b->low),
                        $by > 0 => Bound::between($finite($b->low, $by), $finite($b->high, $by)),
                        default => Bound::between($finite($b->high, $by), $finite($b->low, $by)),
                    },
                    $bounds,
                );
                $fit = self::fit($bounds);
                self::assertSame(DirectionState::Estimated, $fit->state);
                self::assertEqualsWithDelta(-(float) $fit->bias, (float) self::fit($turn(-1.0))->bias, 1e-9);
                self::assertNear((float) $fit->spread, (float) self::fit($turn(-1.0))->spread, 1e-7);
                self::assertNear($scale * (float) $fit->spread, (float) self::fit($turn($scale))->spread, 1e-6);
                self::assertSame($fit->spread, self::fit(array_reverse($bounds))->spread);
            });
    }

    public function testWhatCannotBeIdentifiedIsOnlyBounded(): void
    {
        $gate = Bound::between(-0.015, 0.015);
        self::assertSame(DirectionState::None, self::fit([])->state);
        $all = self::fit(array_fill(0, 12, $gate));
        self::assertSame(DirectionState::Bounded, $all->state);
        self::assertNull($all->bias);
        self::assertGreaterThan(0.0, $all->spreadUpperBound);
        self::assertLessThan($all->spreadUpperBound, (float) self::fit(array_fill(0, 24, $gate))->spreadUpperBound);
        // Two balls leave the chance above 5 % for ever wider spreads only up to the bound.
        self::assertGreaterThan((float) $all->spreadUpperBound, (float) self::fit([$gate, $gate])->spreadUpperBound);
        $oneSide = [...array_fill(0, 8, $gate), Bound::between(0.015, null), Bound::between(0.015, null)];
        self::assertSame(DirectionState::Bounded, self::fit($oneSide)->state);
        self::assertNull(self::fit($oneSide)->spreadUpperBound);
        self::assertSame(
            DirectionState::Bounded,
            self::fit([Bound::between(null, -0.01), Bound::between(0.01, null)])->state,
        );
        self::assertSame(DirectionState::Bounded, self::fit([Bound::exactly(0.01), Bound::exactly(0.01)])->state);
        $misses = OneSidedMisses::in($oneSide);
        self::assertSame([Side::Right, 2, 10], [$misses?->side, $misses?->missed, $misses?->n]);
        self::assertTrue($misses?->interval(0.8)->contains(0.2));
        self::assertStringStartsWith('All 2 misses of 10 are on the right.', $misses->sentence());
        self::assertNull(OneSidedMisses::in([...$oneSide, Bound::between(null, -0.015)]));
    }

    public function testAnExtremeStartDoesNotLoseTheMaximum(): void
    {
        $bounds = [
            ...array_fill(0, 30, Bound::between(-0.001, 0.001)),
            Bound::between(0.2, null),
            Bound::between(null, -0.2),
        ];
        $fit = self::fit($bounds);
        self::assertSame(DirectionState::Estimated, $fit->state);
        self::assertTrue(
            is_finite((float) $fit->spread) && $fit->spread > 0.0 && is_finite((float) $fit->logSpreadError),
        );
    }

    public function testEachTestOnTheGroundBoundsTheAngleItsOwnWay(): void
    {
        $gate = StartLineTest::gate(Length::ofMetres(0.09), Length::ofMetres(0.5));
        self::assertNear(atan((0.045 - 0.021335) / 0.5), $gate->halfAngle());
        self::assertSame($gate->halfAngle(), $gate->missed(Side::Right)->low);
        $rail = StartLineTest::rail(Length::ofMetres(0.03), Length::ofMetres(1.0));
        self::assertNear(-atan(0.015 / 0.6), $rail->fellOffAt(Side::Left, Length::ofMetres(0.6))->low);
        $between = $rail->fellOffBetween(Side::Left, Length::ofMetres(0.4), Length::ofMetres(0.8));
        self::assertNear(-atan(0.015 / 0.4), $between->low);
        self::assertNear(-atan(0.015 / 0.8), $between->high);
        self::assertNear(atan(-0.02 / 1.5), StartLineTest::mark(-0.02, Length::ofMetres(1.5))->high);
        $this->expectException(InvalidInput::class);
        StartLineTest::gate(Length::ofMetres(0.042), Length::ofMetres(0.5));
    }

    public function testTheGateThatMeasuresBestLetsHalfToTwoThirdsThrough(): void
    {
        $spread = deg2rad(1.6);
        $gate = StartLineTest::gate(GateChoice::widthFor($spread, Length::ofMetres(1.0)), Length::ofMetres(1.0));
        $passed = array_filter(
            self::throughGate(new SeededRandom(3), 4_000, 0.0, $spread, $gate->halfAngle()),
            static fn(Bound $bound): bool => $bound->isFinite(),
        );
        self::assertGreaterThan(0.5, count($passed) / 4_000);
        self::assertLessThan(0.67, count($passed) / 4_000);
    }

    public function testAimAndStrokeAreToldApartAndTheirCuresUndoTheBias(): void
    {
        $split = new AimAndStroke(startBias: 0.001, startError: 0.002, aimBias: 0.015, aimError: 0.002);
        self::assertNear(-0.014, $split->strokeBias());
        self::assertTrue($split->cancels());
        self::assertFalse((new AimAndStroke(0.02, 0.002, 0.015, 0.002))->cancels());
        // Each of the two lies beyond its own 80 % interval, or nothing is said: 1.28 standard errors.
        $cancels = static fn(float $stroke, float $strokeError, float $aim, float $aimError): bool => (new AimAndStroke(
            $aim + $stroke,
            sqrt($strokeError ** 2 - $aimError ** 2),
            $aim,
            $aimError,
        ))->cancels();
        self::assertTrue($cancels(-0.0129, 0.01, 0.0129, 0.00999));
        self::assertFalse($cancels(-0.0127, 0.01, 0.0129, 0.00999));
        self::assertFalse($cancels(-0.0129, 0.01, 0.0127, 0.00999));
        $impact = ImpactModel::ofFaceShare();
        [$face, $path] = [0.02, -0.01];
        $bias = $impact->startLine($face, $path);
        self::assertEqualsWithDelta(
            0.0,
            $impact->startLine($face + $impact->turnOfWholeStroke($bias), $path + $impact->turnOfWholeStroke($bias)),
            1e-12,
        );
        self::assertEqualsWithDelta(0.0, $impact->startLine($face + $impact->turnOfFace($bias), $path), 1e-12);
        self::assertLessThan(0.003, abs($impact->startLine(0.0, 0.01)));
    }

    public function testTheSlowerPaceForgivesTheWiderAngle(): void
    {
        [$length, $speed] = [Length::ofMetres(2.0), GreenSpeed::ofFeet(10.0)];
        $angle = static fn(float $pace): ?float => HoleTolerance::largestAngle($length, $pace, $speed);
        self::assertNear(atan(0.054 / 2.0), (float) $angle(0.0));
        self::assertGreaterThan($angle(0.4), $angle(0.1));
        self::assertNull($angle(3.0));
        self::assertNear(2.0 * tan(0.02), HoleTolerance::sidewaysMiss($length, 0.02));
    }
}
