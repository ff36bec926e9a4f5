<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Simulation;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Feel\FeelReport;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** The estimates find in simulated students what was put there. */
final class SimulatedStudentTest extends PropertyTestCase
{
    public function testBiasAndSpreadOfLengthAndLineAreFound(): void
    {
        $student = new SimulatedStudent(2.2, 1.8, 0.07, 0.04, aimBias: 0.012, faceBias: -0.004, lineSpread: 0.025);
        $random = new SeededRandom(3);
        $speed = GreenSpeed::ofFeet(10.0);
        // The green runs a tenth slower than the student believes, so every ball stops that much short.
        $slower = GreenSpeed::ofFeet(9.0);
        [$lengths, $lines] = [[], []];
        for ($i = 0; $i < 600; ++$i) {
            $target = Length::ofMetres(3.0 + ($i % 7));
            $putt = $student->puttTo($target, $speed, $slower, Grade::level(), $random);
            assert($putt !== null);
            $lengths[] = DistancePutt::stoppedAt($target, $putt->rollMetres);
            $lines[] = Bound::exactly($putt->startLine);
        }
        $control = DistanceControl::of($lengths);
        self::assertEqualsWithDelta(-0.1, (float) $control->bias, 0.015);
        self::assertEqualsWithDelta(0.9 * hypot(0.07, 1.8 * 0.04), (float) $control->spread, 0.01);
        self::assertGreaterThan(4 * $control->long, $control->short);
        $direction = (new DirectionFitter())->fit($lines);
        self::assertEqualsWithDelta(0.008, (float) $direction->bias, 0.003);
        self::assertEqualsWithDelta(0.025, (float) $direction->spread, 0.002);
    }

    public function testAStudentWhoFeelsLengthAgreesMoreThanOneWhoDoesNot(): void
    {
        $kappa = static function (float $feelScatter): float {
            $student = new SimulatedStudent(2.2, 1.8, 0.12, feelScatter: $feelScatter);
            $random = new SeededRandom(21);
            $pairs = [];
            for ($i = 0; $i < 400; ++$i) {
                $target = Length::ofMetres(5.0);
                $putt = $student->puttTo(
                    $target,
                    GreenSpeed::ofFeet(10.0),
                    GreenSpeed::ofFeet(10.0),
                    Grade::level(),
                    $random,
                );
                assert($putt !== null);
                $pairs[] = [$student->call($putt, $target, 0.1), LengthCall::of($putt->rollMetres / 5.0 - 1.0, 0.1)];
            }

            return (float) FeelReport::of($pairs)?->kappa;
        };
        self::assertGreaterThan(0.8, $kappa(0.02));
        self::assertLessThan(0.4, $kappa(0.4));
    }

    public function testMishitsComeUpShortAtTheirShare(): void
    {
        $student = new SimulatedStudent(2.2, 1.8, 0.02, mishitShare: 0.1);
        $random = new SeededRandom(2);
        $mishits = 0;
        for ($i = 0; $i < 2_000; ++$i) {
            $putt = $student->strike(Length::ofMetres(0.25), GreenSpeed::ofFeet(10.0), Grade::level(), $random);
            assert($putt !== null);
            $expected = exp(2.2 + 1.8 * log(0.25)) * 3.048;
            if ($putt->isMishit) {
                ++$mishits;
                self::assertLessThan($expected, $putt->rollMetres);
            }
        }
        self::assertEqualsWithDelta(0.1, $mishits / 2_000, 0.02);
    }
}
