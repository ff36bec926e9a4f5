<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Stroke;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokePutt;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;

final class StrokeFitTest extends PropertyTestCase
{
    /** @return list<StrokePutt> */
    private static function putts(int $seed, int $n, float $beta = 1.75, float $scatter = 0.1): array
    {
        $random = new SeededRandom($seed);
        $student = SimulatedStudent::calibrated(0.28, $beta, $scatter);
        $putts = [];
        for ($i = 0; $i < $n; ++$i) {
            $back = 0.12 + 0.28 * $random->uniform();
            $putt = $student->strike(Length::ofMetres($back), GreenSpeed::ofFeet(10.0), Grade::level(), $random);
            assert($putt !== null);
            $putts[] = self::putt($back, $putt->rollMetres);
        }

        return $putts;
    }

    /** @param list<StrokePutt> $putts */
    private static function fit(array $putts): StrokeFit
    {
        return (new StrokeFitter())->fit($putts);
    }

    /** 20 putts, 10 % noise, 400 students with ten new rolls each: 4,000 draws. */
    #[DataProvider('exponents')]
    public function testEightNewRollsInTenFallInsideTheBandAndTheExponentIsFound(float $beta): void
    {
        $random = new SeededRandom(8_200 + (int) (100 * $beta));
        $student = SimulatedStudent::calibrated(0.28, $beta, 0.1);
        $speed = GreenSpeed::ofFeet(10.0);
        [$inside, $exponents] = [0, 0.0];
        for ($seed = 0; $seed < 400; ++$seed) {
            $fit = self::fit(self::putts(1_000 * (int) (100 * $beta) + $seed, 20, $beta));
            $exponents += (float) $fit->beta();
            for ($i = 0; $i < 10; ++$i) {
                $back = Length::ofMetres(0.12 + 0.28 * $random->uniform());
                $roll = (float) $student->strike($back, $speed, Grade::level(), $random)?->rollMetres;
                $band = $fit->predict($back, $speed, Grade::level());
                $inside += $band !== null && $roll >= $band->lowMetres && $roll <= $band->highMetres ? 1 : 0;
            }
        }
        self::assertGreaterThanOrEqual(0.76, $inside / 4_000);
        self::assertLessThanOrEqual(0.84, $inside / 4_000);
        self::assertEqualsWithDelta($beta, $exponents / 400, 0.04);
    }

    /** @return iterable<string, array{float}> */
    public static function exponents(): iterable
    {
        yield 'a flat curve' => [1.4];
        yield 'a usual one' => [1.75];
        yield 'a pendulum' => [2.0];
    }

    public function testShufflingChangesNothing(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 10_000))
            ->then(function (int $seed): void {
                $putts = self::putts($seed, 14);
                $turned = array_reverse($putts);
                self::assertNear((float) self::fit($putts)->beta(), (float) self::fit($turned)->beta(), 1e-9);
                self::assertNear((float) self::fit($putts)->sigma, (float) self::fit($turned)->sigma, 1e-9);
            });
    }

    public function testScalingTheGreenScalesTheRollsAndNothingElse(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 10_000), self::between(0.5, 1.6))
            ->then(function (int $seed, float $factor): void {
                $on = static fn(float $scale): StrokeFit => self::fit(
                    array_map(
                        static fn(StrokePutt $p): StrokePutt => self::putt(
                            exp($p->logBackstroke),
                            exp($p->logRelativeRoll) * $scale * 3.048,
                            10.0 * $scale,
                        ),
                        self::putts($seed, 12),
                    ),
                );
                [$fit, $scaled] = [$on(1.0), $on($factor)];
                self::assertNear((float) $fit->alpha(), (float) $scaled->alpha(), 1e-8);
                $roll = static fn(StrokeFit $fit, float $feet): float => (float) $fit->predict(
                    Length::ofMetres(0.25),
                    GreenSpeed::ofFeet($feet),
                    Grade::level(),
                )?->rollMetres;
                self::assertNear($factor * $roll($fit, 10.0), $roll($scaled, 10.0 * $factor), 1e-8);
            });
    }

    public function testTheTableInvertsTheCurveOnAnyGradeAndSpeed(): void
    {
        $fit = self::fit(self::putts(3, 18));
        $this->forAll(self::between(0.5, 15.0), self::between(6.0, 13.0), self::between(-2.0, 6.0))->then(function (
            float $metres,
            float $feet,
            float $percent,
        ) use ($fit): void {
            [$speed, $grade] = [GreenSpeed::ofFeet($feet), Grade::ofPercent($percent)];
            $answer = $fit->backstrokeFor(Length::ofMetres($metres), $speed, $grade);
            self::assertNotNull($answer);
            $roll = $fit->predict(Length::ofMetres($answer->metres), $speed, $grade);
            self::assertNear($metres, (float) $roll?->rollMetres, 1e-9);
        });
    }

    public function testAFarOutlierMovesTheFitLessThanLeastSquares(): void
    {
        $this->limitTo(40)
            ->forAll(Generators::choose(1, 10_000))
            ->then(function (int $seed): void {
                $clean = self::putts($seed, 15);
                $spoilt = [...$clean, self::putt(0.39, 0.4)];
                $moved = static function (bool $robust) use ($clean, $spoilt): float {
                    $fitter = new StrokeFitter(new FitOptions(StrokePrior::shipped(), $robust));
                    $at = static fn(array $putts): float => (float) $fitter
                        ->fit($putts)
                        ->predict(Length::ofMetres(0.35), GreenSpeed::ofFeet(10.0), Grade::level())?->rollMetres;

                    return abs($at($spoilt) - $at($clean));
                };
                self::assertLessThan($moved(false), $moved(true));
                self::assertContains(15, self::fit($spoilt)->marked);
            });
    }

    public function testMoreOfTheSameDataNarrowsTheBand(): void
    {
        $width = static function (int $n): float {
            $sum = 0.0;
            for ($seed = 1; $seed <= 60; ++$seed) {
                $band = self::fit(self::putts($seed, $n))->predict(
                    Length::ofMetres(0.2),
                    GreenSpeed::ofFeet(10.0),
                    Grade::level(),
                );
                $sum += $band === null ? NAN : log($band->highMetres / $band->lowMetres);
            }

            return $sum / 60;
        };
        self::assertLessThan($width(2), $width(5));
        self::assertLessThan($width(5), $width(12));
        self::assertLessThan($width(12), $width(40));
    }

    public function testStatesComeWithTheirEvidence(): void
    {
        self::assertSame(FitState::None, self::fit([])->state);
        self::assertSame(FitState::Provisional, self::fit(array_slice(self::putts(1, 6), 0, 5))->state);
        $twoLengths = array_map(
            static fn(int $i): StrokePutt => self::putt($i % 2 === 0 ? 0.2 : 0.3, 3.0 + $i / 10),
            range(0, 9),
        );
        self::assertSame(FitState::Provisional, self::fit($twoLengths)->state);
        // 0.200, 0.215, 0.230 are two lengths, not three: 0.215 lies within 2 cm of the first.
        $close = array_map(
            static fn(int $i): StrokePutt => self::putt(0.2 + 0.015 * ($i % 3), 3.0 + $i / 10),
            range(0, 9),
        );
        self::assertSame(FitState::Provisional, self::fit($close)->state);
        $plain = new StrokeFitter(new FitOptions(null));
        self::assertSame(FitState::None, $plain->fit(array_slice($twoLengths, 0, 2))->state);
        self::assertSame(
            FitState::None,
            $plain->fit([self::putt(0.2, 3.0), self::putt(0.2, 3.1), self::putt(0.2, 2.9)])->state,
        );
    }

    #[DataProvider('edges')]
    public function testFiguresStayFiniteAtTheEdges(StrokePutt ...$putts): void
    {
        $fit = self::fit(array_values($putts));
        foreach ([4.0, 16.0] as $feet) {
            $band = $fit->predict(Length::ofMetres(0.25), GreenSpeed::ofFeet($feet), Grade::level());
            $back = $fit->backstrokeFor(Length::ofMetres(40.0), GreenSpeed::ofFeet($feet), Grade::level());
            foreach ([$band?->lowMetres, $band?->highMetres, $back?->metres, $fit->sigma] as $figure) {
                self::assertIsFloat($figure);
                self::assertTrue(is_finite($figure) && $figure > 0.0);
            }
        }
    }

    /** @return iterable<string, list<StrokePutt>> */
    public static function edges(): iterable
    {
        yield 'one putt' => [self::putt(0.2, 3.0)];
        yield 'equal backstrokes' => array_map(
            static fn(int $i): StrokePutt => self::putt(0.2, 3.0 + $i / 50),
            range(1, 8),
        );
        yield 'the same putt eight times' => array_fill(0, 8, self::putt(0.2, 3.0));
        yield '3 cm and 40 m' => [self::putt(0.01, 0.03), self::putt(1.2, 40.0, 16.0)];
        yield 'slopes near running away' => array_map(
            static fn(int $i): StrokePutt => self::putt(0.1 * $i, 2.0 * $i, 10.0, -7.8),
            range(1, 7),
        );
    }

    public function testAPerfectStrokeIsFittedExactlyAndNobodyIsMarked(): void
    {
        $exact = array_map(
            static fn(int $i): StrokePutt => self::putt(0.1 * $i, 30.0 * (0.1 * $i) ** 1.8),
            range(1, 8),
        );
        $fit = self::fit($exact);
        self::assertNear(1.8, (float) $fit->beta(), 1e-9);
        self::assertSame([], $fit->marked);
    }

    public function testALineThatFallsTellsAWorkspaceNothing(): void
    {
        $putts = static fn(float $slope): array => array_map(
            static fn(int $i): StrokePutt => StrokePutt::ofLogs(-2.0 + 0.1 * $i, $slope * 0.1 * $i + 0.01 * ($i % 3)),
            range(1, 20),
        );
        self::assertNotNull((new StrokeFitter())->fit($putts(1.8))->summary());
        self::assertNull((new StrokeFitter())->fit($putts(-3.0))->summary());
    }

    public function testAnUncertainGreenWidensTheBandInQuadrature(): void
    {
        $fit = self::fit(self::putts(2, 40));
        $half = static function (float $error) use ($fit): float {
            $band = $fit->predict(Length::ofMetres(0.25), GreenSpeed::ofFeet(10.0), Grade::level(), 0.8, $error);

            return log((float) $band?->highMetres / (float) $band?->rollMetres);
        };
        self::assertGreaterThan($half(0.0), $half(0.05));
        self::assertNear(4.0, ($half(0.2) ** 2 - $half(0.0) ** 2) / ($half(0.1) ** 2 - $half(0.0) ** 2), 1e-9);
    }
}
