<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Simulation;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Direction\Side;
use Amble\Core\Direction\StartLineTest;
use Amble\Core\Drill\DrillState;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Stop;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Tests\Drill\DrillTestCase;
use Amble\Core\Units\Length;

/** A simulated student at a drill logs what a coach would, and the figures find the student. */
final class DrillPlayerTest extends DrillTestCase
{
    /**
     * @param array<string, mixed> $changes
     *
     * @return array{DrillState, list<BallLogged>}
     */
    private static function play(array $changes, SimulatedStudent $student, int $seed = 1): array
    {
        return (new DrillPlayer($student, GreenSpeed::ofFeet(9.5), new SeededRandom($seed)))->play(
            self::drill($changes),
            $seed,
        );
    }

    private static function student(float $scatter, float $degrees, float $bias = 0.0): SimulatedStudent
    {
        return new SimulatedStudent(
            2.2,
            1.75,
            $scatter,
            $scatter / 4,
            faceBias: deg2rad($bias),
            lineSpread: deg2rad($degrees),
        );
    }

    public function testABetterStudentPassesMoreAndNeedsFewerBalls(): void
    {
        $share = ['end' => ['kind' => 'balls', 'balls' => 200], 'cap' => ['balls' => 200]];
        $good = self::play($share, self::student(0.05, 1.2))[0];
        $poor = self::play($share, self::student(0.15, 3.0))[0];
        self::assertGreaterThan($poor->passes + 40, $good->passes);
        $ladder = ['on_miss' => 'restart_station', 'cap' => ['balls' => 200]];
        self::assertLessThan(
            self::play($ladder, self::student(0.15, 3.0))[0]->balls,
            self::play($ladder, self::student(0.05, 1.2))[0]->balls,
        );
    }

    public function testTheSameSeedPlaysTheSameGame(): void
    {
        $student = self::student(0.1, 2.0);
        $order = ['order' => 'shuffled'];
        self::assertEquals(self::play($order, $student, 4), self::play($order, $student, 4));
        self::assertNotEquals(self::play($order, $student, 4)[1], self::play($order, $student, 5)[1]);
    }

    public function testAGateDrillFindsTheStudentsStartLine(): void
    {
        $gate = ['kind' => 'gate', 'width_m' => 0.085, 'distance_m' => 0.8];
        [, $events] = self::play(
            [
                'pass' => ['kind' => 'through_gate'],
                'aid' => $gate,
                'end' => ['kind' => 'balls', 'balls' => 400],
                'cap' => ['balls' => 400],
            ],
            self::student(0.1, 1.8, 0.6),
        );
        $test = StartLineTest::gate(Length::ofMetres(0.085), Length::ofMetres(0.8));
        $fit = (new DirectionFitter())->fit(
            array_map(
                static fn(BallLogged $event): Bound => match ($event->ball->sight->gate) {
                    GateResult::Left => $test->missed(Side::Left),
                    GateResult::Right => $test->missed(Side::Right),
                    default => $test->passed(),
                },
                $events,
            ),
        );
        self::assertEqualsWithDelta(0.6, rad2deg((float) $fit->bias), 0.25);
        self::assertEqualsWithDelta(1.8, rad2deg((float) $fit->spread), 0.3);
    }

    public function testEachBallCarriesWhatItsDrillNeedsAndNoMore(): void
    {
        [, $events] = self::play(['call_first' => true], self::student(0.1, 2.0));
        foreach ($events as $i => $event) {
            self::assertNotNull($event->ball->sight->call);
            self::assertNull($event->ball->sight->hit);
            self::assertNull($event->ball->sight->gate);
            self::assertSame($event->ball->stop === Stop::Holed, $event->ball->roll === null);
            self::assertGreaterThan($events[$i - 1]->atMilliseconds ?? 0, $event->atMilliseconds);
        }
        [, $struck] = self::play(['target' => 'stand', 'pass' => ['kind' => 'hit']], self::student(0.1, 2.0));
        self::assertNotNull($struck[0]->ball->sight->hit);
        self::assertSame(
            [],
            array_filter($struck, static fn(BallLogged $event): bool => $event->ball->stop === Stop::Holed),
        );
    }

    public function testWhatANewRuleWantsSeenIsSeenAndNothingElse(): void
    {
        $asked = static function (array $changes): array {
            [, $events] = self::play(
                $changes + ['end' => ['kind' => 'balls', 'balls' => 12], 'cap' => ['balls' => 12]],
                self::student(0.1, 2.0),
            );
            $names = array_merge(
                ...array_map(static fn(BallLogged $event): array => array_keys($event->ball->sight->answers), $events),
            );

            return array_values(array_diff(array_unique($names), ['side_m', 'putts_to_finish', 'hit']));
        };
        self::assertSame(['contact'], $asked(['target' => 'tee', 'pass' => ['kind' => 'contact']]));
        self::assertSame(['strike'], $asked(['target' => 'none', 'pass' => ['kind' => 'middle']]));
        self::assertSame(['held'], $asked(['target' => 'none', 'pass' => ['kind' => 'held']]));
        self::assertSame(
            ['gap_m'],
            $asked(['target' => 'ball', 'pass' => ['kind' => 'hit_gap'], 'tasks' => ['soft', 'firm']]),
        );
        $tier = [['length_m' => 9, 'tier' => ['height_m' => 0.3, 'run_m' => 1.2, 'start_m' => 4]]];
        self::assertSame(
            ['level'],
            $asked([
                'stations' => $tier,
                'pass' => ['kind' => 'level', 'level' => 2],
                'tasks' => ['rehearse_soft', 'rehearse_strong'],
            ]),
        );
    }

    public function testACalledBackstrokeIsTheOneStruckAndOpenGroundHasNoTarget(): void
    {
        [$state, $events] = self::play(
            [
                'target' => 'none',
                'pass' => ['kind' => 'open'],
                'stations' => [['length_m' => 8, 'backstroke_m' => 0.2]],
            ],
            self::student(0.1, 2.0),
        );
        foreach ($events as $event) {
            self::assertEqualsWithDelta(0.2, $event->ball->backstroke?->metres(), 1e-9);
            self::assertNull($event->ball->target);
            self::assertNotSame(Stop::Holed, $event->ball->stop);
        }
        self::assertSame(0, $state->passes);
    }

    public function testToldToBeSoftOrStrongAStudentGoesThere(): void
    {
        $long = [
            'stations' => [['length_m' => 9]],
            'balls_per_station' => 30,
            'cap' => ['balls' => 60],
            'pass' => ['kind' => 'task'],
        ];
        $mean = static function (string $task) use ($long): float {
            [, $events] = self::play($long + ['tasks' => [$task]], self::student(0.05, 1.0));
            $rolls = array_filter(
                array_map(static fn(BallLogged $event): ?float => $event->ball->rollMetres(), $events),
            );

            return array_sum($rolls) / count($rolls);
        };
        self::assertLessThan(6.0, $mean('rehearse_soft'));
        self::assertGreaterThan(10.5, $mean('rehearse_strong'));
        self::assertGreaterThan($mean('past'), $mean('firm'));
        self::assertLessThan(9.0, $mean('short'));
    }

    public function testAStudentWhoFeelsLengthCallsItRight(): void
    {
        $agreement = static function (float $feel): float {
            $student = new SimulatedStudent(2.2, 1.75, 0.12, 0.03, feelScatter: $feel);
            $calls = self::play(
                ['call_first' => true, 'end' => ['kind' => 'balls', 'balls' => 200], 'cap' => ['balls' => 200]],
                $student,
            )[0]->calls;

            return count(array_filter($calls, static fn(array $pair): bool => $pair[0] === $pair[1])) / count($calls);
        };
        self::assertGreaterThan(0.7, $agreement(0.01));
        self::assertGreaterThan($agreement(0.4), $agreement(0.01));
    }
}
