<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\ForecastBasis;
use Amble\Core\Drill\PassRate;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

final class ExpectedBallsTest extends DrillTestCase
{
    public function testTheClosedFormAndItsKnownValues(): void
    {
        self::assertEqualsWithDelta(10.55, ExpectedBalls::inARow([0.7, 0.7, 0.7, 0.7]), 0.005);
        self::assertEqualsWithDelta(30.0, ExpectedBalls::inARow([0.5, 0.5, 0.5, 0.5]), 1e-9);
        self::assertEqualsWithDelta(4.0, ExpectedBalls::inARow([1.0, 1.0, 1.0, 1.0]), 1e-12);
        self::assertNull(ExpectedBalls::inARow([0.9, 0.0]));
        // Feller's formula for equal rates.
        $this->forAll(self::between(0.2, 0.98))->then(function (float $p): void {
            self::assertNear((1 - $p ** 5) / ((1 - $p) * $p ** 5), (float) ExpectedBalls::inARow(array_fill(0, 5, $p)), 1e-9);
        });
    }

    /** The drill itself is played many times by balls that pass at a known rate. */
    public function testItAgreesWithPlayingTheDrill(): void
    {
        foreach (['restart_station', 'restart_all', 'nothing'] as $onMiss) {
            $drill = self::drill(['on_miss' => $onMiss, 'balls_per_station' => 2, 'cap' => ['balls' => 500]]);
            $rates = [0.8, 0.6];
            $random = new SeededRandom(17);
            [$sum, $games] = [0, 800];
            for ($game = 0; $game < $games; ++$game) {
                $sum += self::ballsNeeded($drill, $rates, $random);
            }
            $expected = (float) ExpectedBalls::of($drill, $rates);
            self::assertEqualsWithDelta($expected, $sum / $games, 0.08 * $expected, $onMiss);
        }
    }

    /** @param array{float, float} $rates */
    private static function ballsNeeded(Drill $drill, array $rates, SeededRandom $random): int
    {
        $balls = '';
        for ($station = self::after($drill, '')['next']['station']; $station !== null;) {
            $balls .= $random->uniform() < $rates[$station] ? 'o' : 's';
            $station = self::after($drill, $balls)['next']['station'] ?? null;
        }

        return strlen($balls);
    }

    /** Of a student whose relative errors have mean 0 and standard deviation 0.1. */
    private static function control(): DistanceControl
    {
        $error = 0.1 * sqrt(7 / 8);

        return DistanceControl::of(array_map(
            static fn(int $i): DistancePutt => DistancePutt::stoppedAt(Length::ofMetres(5.0), 5.0 * (1 + ($i % 2 === 0 ? $error : -$error))),
            range(1, 8),
        ));
    }

    /** @param array<string, mixed> $rules */
    #[DataProvider('forecasts')]
    public function testWhatAForecastRestsOnOrWhyThereIsNone(array $rules, bool $isKnown, ?float $balls, ForecastBasis $basis): void
    {
        $control = $isKnown ? self::control() : null;
        $told = Expectation::of(self::drill($rules), [4.0, 6.0], $control, null);
        self::assertSame([$balls, $basis], [$told->balls === null ? null : round($told->balls, 2), $told->basis]);
    }

    /** @return iterable<string, array{array<string, mixed>, bool, float|null, ForecastBasis}> */
    public static function forecasts(): iterable
    {
        $gate = ['pass' => ['kind' => 'through_gate'], 'aid' => ['kind' => 'gate', 'width_m' => 0.08, 'distance_m' => 0.5]];
        $again = ['on_miss' => 'restart_station', 'balls_per_station' => 1];
        $points = ['points' => ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.6]];
        yield 'two stations of three balls each are six, whoever putts' => [[], false, 6.0, ForecastBasis::Count];
        yield 'thirty balls are thirty, whatever the rule' => [$gate + ['end' => ['kind' => 'balls', 'balls' => 30]], true, 30.0, ForecastBasis::Count];
        // Half of all balls pass within a window as wide as the quartiles: two balls for each of two stations.
        yield 'a restart takes the student’s own rate' => [$again + ['pass' => ['kind' => 'share', 'share' => 0.0674489750]], true, 4.0, ForecastBasis::Rate];
        yield 'which few putts do not tell' => [$again, false, null, ForecastBasis::FewPutts];
        yield 'and lengths do not tell of a gate' => [$again + $gate, true, null, ForecastBasis::NotByLength];
        yield 'nor of the hole' => [$again + ['pass' => ['kind' => 'holed']], true, null, ForecastBasis::NotByLength];
        yield 'points end when they end' => [$points + ['end' => ['kind' => 'points', 'points' => 12]], true, null, ForecastBasis::OpenEnd];
        yield 'and so does the clock' => [['end' => ['kind' => 'minutes', 'minutes' => 5]], true, null, ForecastBasis::OpenEnd];
    }

    public function testAStudentsRateFollowsFromTheirDistanceControl(): void
    {
        $share = self::drill(['pass' => ['kind' => 'share', 'share' => 0.1]]);
        // ±1 spread of a normal: 68.27 %, whatever the length.
        foreach ((array) PassRate::byLength($share, [4.0, 9.0], 0.0, 0.1) as $rate) {
            self::assertNear(0.6826894921, $rate, 1e-9);
        }
        $past = self::drill(['pass' => ['kind' => 'past_only', 'within_m' => 0.8]]);
        [$near, $far] = (array) PassRate::byLength($past, [2.0, 10.0], 0.0, 0.1);
        self::assertNear(0.5, $near, 1e-4);
        self::assertLessThan($near, $far);
        self::assertNull(PassRate::byLength(self::drill(['pass' => ['kind' => 'holed']]), [4.0], 0.0, 0.1));
    }
}
