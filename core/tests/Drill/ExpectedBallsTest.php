<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\ExpectedBalls;
use Amble\Core\Drill\ForecastBasis;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Physics;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Length;
use Amble\Tools\ForecastCheck;
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
            self::assertNear(
                (1 - $p ** 5) / ((1 - $p) * $p ** 5),
                (float) ExpectedBalls::inARow(array_fill(0, 5, $p)),
                1e-9,
            );
        });
    }

    /** The drill itself is played many times by balls that pass at a known rate. */
    public function testItAgreesWithPlayingTheDrill(): void
    {
        foreach (['restart_station', 'restart_all', 'again', 'nothing'] as $onMiss) {
            $drill = self::drill(['on_miss' => $onMiss, 'balls_per_station' => 2, 'cap' => ['balls' => 500]]);
            $rates = [0.8, 0.6];
            $random = new SeededRandom(17);
            [$sum, $games] = [0, 800];
            $known = [];
            for ($game = 0; $game < $games; ++$game) {
                $sum += self::ballsNeeded($drill, $rates, $random, $known);
            }
            $expected = (float) ExpectedBalls::of($drill, $rates);
            self::assertEqualsWithDelta($expected, $sum / $games, 0.08 * $expected, $onMiss);
        }
    }

    /**
     * @param array{float, float} $rates
     * @param array<string, int> $known where the drill stands after these balls, −1 once it is over: games begin alike
     */
    private static function ballsNeeded(DrillRules $drill, array $rates, SeededRandom $random, array &$known): int
    {
        $balls = '';
        while (($station = $known["b$balls"] ??= self::after($drill, $balls)['next']['station'] ?? -1) >= 0) {
            $balls .= $random->uniform() < $rates[$station] ? 'o' : 's';
        }

        return strlen($balls);
    }

    /** @param array<string, mixed> $rules */
    #[DataProvider('forecasts')]
    public function testWhatAForecastRestsOnOrWhyThereIsNone(
        array $rules,
        PassChances $skill,
        ?float $balls,
        ForecastBasis $basis,
    ): void {
        $drill = self::drill($rules);
        $told = Expectation::of($drill, DrillRun::firstRound($drill, 1), $skill, 8);
        self::assertSame($basis, $told->basis);
        self::assertEqualsWithDelta($balls, $told->balls, 0.05);
    }

    /** @return iterable<string, array{array<string, mixed>, PassChances, float|null, ForecastBasis}> */
    public static function forecasts(): iterable
    {
        $nothing = new PassChances(null, null, null, null);
        // Relative errors with mean 0 and spread 0.1; start lines with spread 2°.
        $length = new PassChances(0.0, 0.1, null, null);
        $line = new PassChances(null, null, 0.0, deg2rad(2.0));
        $both = new PassChances(0.0, 0.1, 0.0, deg2rad(2.0));
        // Half of all starts pass a gate whose half-angle is the quartile of a normal spread.
        $half = 2.0 * (0.5 * tan(0.6744897502 * deg2rad(2.0)) + Physics::BALL_RADIUS);
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => $half, 'distance_m' => 0.5],
        ];
        $again = ['on_miss' => 'restart_station', 'balls_per_station' => 1, 'target' => 'tee'];
        $quartile = ['pass' => ['kind' => 'share', 'share' => 0.067448975]];
        $points = [
            'points' => ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.6],
            'end' => ['kind' => 'points', 'points' => 12],
        ];
        yield 'two stations of three balls each are six, whoever putts' => [[], $nothing, 6.0, ForecastBasis::Count];
        yield 'thirty balls are thirty, whatever the rule' => [
            $gate + ['end' => ['kind' => 'balls', 'balls' => 30]],
            $nothing,
            30.0,
            ForecastBasis::Count,
        ];
        // Half of all balls pass within a window as wide as the quartiles: two balls for each of two stations.
        yield 'a restart takes the student’s own rate' => [$again + $quartile, $length, 4.0, ForecastBasis::Rate];
        yield 'the same ball again, likewise' => [
            ['on_miss' => 'again'] + $again + $quartile,
            $length,
            4.0,
            ForecastBasis::Rate,
        ];
        // (1/2)⁻¹ + (1/2)⁻²: two in a row.
        yield 'everything again takes both in a row' => [
            ['on_miss' => 'restart_all'] + $again + $quartile,
            $length,
            6.0,
            ForecastBasis::Rate,
        ];
        yield 'which few putts do not tell' => [$again, $nothing, null, ForecastBasis::FewPutts];
        yield 'a gate is told by starts' => [$again + $gate, $line, 4.0, ForecastBasis::Rate];
        yield 'and not by lengths' => [$again + $gate, $length, null, ForecastBasis::FewStarts];
        yield 'what two balls do is told by neither' => [
            ['target' => 'ball', 'pass' => ['kind' => 'hit']] + $again,
            $both,
            null,
            ForecastBasis::Unknown,
        ];
        yield 'the hole by both' => [
            ['target' => 'hole', 'pass' => ['kind' => 'holed']] + $again,
            $length,
            null,
            ForecastBasis::FewStarts,
        ];
        yield 'points by both' => [$points, $line, null, ForecastBasis::FewPutts];
        yield 'the clock by nothing' => [
            ['end' => ['kind' => 'minutes', 'minutes' => 5]],
            $both,
            null,
            ForecastBasis::OpenEnd,
        ];
    }

    public function testChancesFollowFromLengthAndLine(): void
    {
        $skill = new PassChances(0.0, 0.1, 0.0, deg2rad(2.0), GreenSpeed::ofFeet(9.5));
        $at = static fn(float $metres, bool $canBeHoled = false): PassContext => new PassContext(
            Length::ofMetres($metres),
            canBeHoled: $canBeHoled,
        );
        // A roll scatters by a factor: within one spread of its middle either way lie 68.27 %, whatever the length.
        foreach ([4.0, 9.0] as $metres) {
            $middle = $metres * exp(-0.5 * 0.1 ** 2);
            self::assertNear(
                0.6826894921,
                (float) $skill->chanceBetween(
                    $at($metres),
                    $middle * exp(-0.1) - $metres,
                    $middle * exp(0.1) - $metres,
                ),
                1e-9,
            );
        }
        self::assertNear(0.6826894921, (float) $skill->chanceOnLine(deg2rad(2.0)), 1e-9);
        // A ring so wide that only length decides, and one so long that only the line does.
        self::assertNear(1.0, (float) $skill->chanceInRing($at(3.0), 2.5), 1e-4);
        // At a hole one may drop on its way past: that passes too.
        self::assertGreaterThan(
            (float) $skill->chanceBetween($at(4.0), 0.0, 0.3),
            (float) $skill->chanceBetween($at(4.0, true), 0.0, 0.3),
        );
        $split = (array) $skill->chancesAtHole($at(3.0, true), 0.6);
        self::assertNear(1.0, (float) array_sum($split), 1e-3);
        // Its mean is as meant, so its middle, and more than half of all, is short of it by a hair.
        self::assertNear(0.5199388, $split['short'], 1e-6);
        self::assertNear((float) $skill->chanceHoled($at(3.0, true)), $split['holed'], 1e-12);
    }

    /** What is foretold is what simulated students then take. */
    #[DataProvider('played')]
    public function testForecastsLieWithinATenthOfTheMean(string $key, float $scatter, float $degrees): void
    {
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        $card = array_column($library['drills'], null, 'key')[$key];
        $drill = self::drill($card);
        $student = new SimulatedStudent(2.2, 1.75, $scatter, $scatter / 4, lineSpread: deg2rad($degrees));
        // Lengths that are drawn differ from game to game, and so does what is foretold; others are foretold once.
        $isDrawn = $drill->stations[0]->isScattered();
        [$foretold, $played, $games] = [0.0, 0.0, $isDrawn ? 60 : 120];
        for ($game = 1; $game <= $games; ++$game) {
            if ($isDrawn || $game === 1) {
                $round = DrillRun::firstRound($drill, $game);
                $forecast = Expectation::of($drill, $round, ForecastCheck::skill($student, $round), 400)->forecast;
            }
            $foretold += $forecast->capped / $games;
            $played +=
                (new DrillPlayer($student, GreenSpeed::ofFeet(9.5), new SeededRandom($game)))->play($drill, $game)[0]
                    ->balls / $games;
        }
        self::assertEqualsWithDelta($played, $foretold, 0.1 * $played);
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function played(): iterable
    {
        foreach (['lip-and-rod', 'whole-ladder', 'in-a-row-short', 'past-short-true', 'loose-tees'] as $key) {
            foreach (
                ['good' => [0.06, 1.35], 'average' => [0.1, 2.0], 'poor' => [0.14, 3.0]]
                as $who => [$scatter, $degrees]
            ) {
                yield "$key, $who" => [$key, $scatter, $degrees];
            }
        }
    }
}
