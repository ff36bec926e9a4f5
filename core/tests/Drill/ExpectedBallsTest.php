<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\PassRate;
use Amble\Core\Numeric\SeededRandom;

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
