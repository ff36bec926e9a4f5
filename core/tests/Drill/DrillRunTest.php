<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;

final class DrillRunTest extends DrillTestCase
{
    /**
     * Balls in, then what the state says: phase, next station and ball, and any other field.
     *
     * @param array<string, mixed> $changes
     * @param array<string, mixed> $expected
     */
    #[DataProvider('runs')]
    public function testTheStateAfterARun(array $changes, string $balls, array $expected): void
    {
        $state = self::after(self::drill($changes), $balls);
        $state['at'] = $state['next'] === null ? null : [$state['next']['station'], $state['next']['ball']];
        $told = array_intersect_key($state, $expected);
        ksort($told);
        ksort($expected);
        self::assertSame($expected, $told);
    }

    /** @return iterable<string, array{array<string, mixed>, string, array<string, mixed>}> */
    public static function runs(): iterable
    {
        $station = ['on_miss' => 'restart_station'];
        $all = ['on_miss' => 'restart_all'];
        yield 'before the first ball' => [[], '', ['phase' => 'ready', 'balls' => 0, 'at' => [0, 1]]];
        yield 'a miss that changes nothing' => [
            [],
            'oso',
            ['phase' => 'rolling', 'balls' => 3, 'passes' => 2, 'at' => [1, 1]],
        ];
        yield 'all stations' => [[], 'ooosso', ['phase' => 'done', 'passes' => 4, 'rounds' => 1, 'at' => null]];
        yield 'balls after the end do not count' => [[], 'oooooosss', ['phase' => 'done', 'balls' => 6, 'passes' => 6]];
        yield 'a restarted station' => [
            $station,
            'oos',
            ['balls' => 3, 'restarts' => 1, 'streak' => 0, 'at' => [0, 1]],
        ];
        yield 'passed at the second try' => [$station, 'oosooo', ['balls' => 6, 'restarts' => 1, 'at' => [1, 1]]];
        yield 'a restart keeps the other station' => [$station, 'ooool', ['restarts' => 1, 'at' => [1, 1]]];
        yield 'everything restarts' => [$all, 'oooos', ['restarts' => 1, 'at' => [0, 1]]];
        yield 'six in a row at last' => [$all, 'soooosoooooo', ['phase' => 'done', 'restarts' => 2, 'balls' => 12]];
        yield 'capped in balls' => [
            $station + ['cap' => ['balls' => 6]],
            'ssssss',
            ['phase' => 'capped', 'balls' => 6, 'at' => null],
        ];
        yield 'done with the last ball allowed' => [['cap' => ['balls' => 6]], 'oooooo', ['phase' => 'done']];
        yield 'capped in minutes' => [['cap' => ['minutes' => 1]], 'ooo', ['phase' => 'capped', 'balls' => 3]];
        yield 'ends on balls, round after round' => [
            ['end' => ['kind' => 'balls', 'balls' => 8]],
            'oooooooo',
            ['phase' => 'done', 'rounds' => 1],
        ];
        yield 'ends on minutes' => [
            ['end' => ['kind' => 'minutes', 'minutes' => 2]],
            'ooooo',
            ['phase' => 'done', 'balls' => 5],
        ];
        yield 'time to rest' => [['rest_after_balls' => 4], 'oooo', ['phase' => 'resting', 'at' => [1, 2]]];
        yield 'and on' => [['rest_after_balls' => 4], 'ooooo', ['phase' => 'rolling']];
        $points = [
            'points' => ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.5],
            'end' => ['kind' => 'points', 'points' => 7],
        ];
        yield 'points add up' => [$points, 'hosl', ['phase' => 'rolling', 'points' => 1]];
        yield 'the goal is reached' => [$points, 'hoh', ['phase' => 'done', 'points' => 7]];
        yield 'second putts have their own base' => [
            ['putt_out' => 'passed'],
            'ohs',
            ['second_putts' => ['n' => 1, 'putts' => 0]],
        ];
        yield 'first tries apart' => [
            $station,
            'sooosooo',
            ['first_attempts' => ['n' => 2, 'passed' => 0], 'passes' => 6],
        ];
        yield 'middle, short, long' => [
            [
                'stations' => [['length_m' => 9], ['length_m' => 3], ['length_m' => 6]],
                'order' => 'middle_short_long',
                'balls_per_station' => 1,
            ],
            'o',
            ['at' => [1, 1]],
        ];
        yield 'a ladder climbs' => [
            ['stations' => [['length_m' => 9], ['length_m' => 3]], 'order' => 'ladder'],
            'ooo',
            ['at' => [0, 1]],
        ];
    }

    public function testTasksComeInTurnAndAreJudged(): void
    {
        $drill = self::drill(['pass' => ['kind' => 'task', 'little_m' => 0.5], 'tasks' => ['past', 'short', 'exact']]);
        $events = [self::ball(0, 4.3), self::ball(1, 3.8), self::ball(2, 4.1), self::ball(3, 5.7)];
        $state = DrillRun::fold($drill, $events, 1);
        // Past, short and exact done at 4 m; then 5.7 m at 6 m was to go past.
        self::assertSame([4, 3], [$state->balls, $state->passes]);
        self::assertSame('short', $state->next?->task?->value);
    }

    public function testNearerThanTheLastStartsAnewAtEachStation(): void
    {
        $drill = self::drill(['pass' => ['kind' => 'nearer_than_last']]);
        $events = [
            self::ball(0, 5.0),
            self::ball(1, 3.5),
            self::ball(2, 4.6),
            self::ball(3, 9.0),
            self::ball(4, 6.2, ['side_m' => 0.1]),
            self::ball(5, 6.0, ['side_m' => -0.3]),
        ];
        // 1.0 is the measure, 0.5 passes, 0.6 not; 3.0 is the measure, 0.22 passes, 0.3 not.
        $state = DrillRun::fold($drill, $events, 1);
        self::assertSame([2, 4, 6], [$state->passes, $state->judgedBalls, $state->balls]);
    }

    /** Whatever is corrected or deleted before it, a ball keeps the station it was rolled at. */
    public function testABallKeepsTheStationItWasRolledAt(): void
    {
        foreach (['nothing', 'again', 'restart_station', 'restart_all'] as $onMiss) {
            foreach (['as_laid', 'shuffled'] as $order) {
                if ($onMiss === 'restart_station' && $order === 'shuffled') {
                    continue;
                }
                $drill = self::drill([
                    'stations' => [['length_m' => 3], ['length_m' => 5], ['length_m' => 8]],
                    'on_miss' => $onMiss,
                    'order' => $order,
                    'cap' => ['balls' => 40],
                ]);
                $random = new SeededRandom(crc32("$onMiss $order"));
                $events = [];
                for ($i = 0; $i < 14; ++$i) {
                    $target = DrillRun::fold($drill, $events, 3)->next?->lengthMetres;
                    if ($target === null) {
                        break;
                    }
                    $events[] = self::ball($i, $target * ($random->uniform() < 0.6 ? 1.0 : 1.4), [
                        'target_m' => $target,
                    ]);
                }
                $stations = static fn(array $of): array => array_map(
                    static fn($judged): ?int => $judged->station,
                    DrillRun::fold($drill, $of, 3)->judged,
                );
                $rolled = $stations($events);
                foreach (array_keys($events) as $at) {
                    self::assertNotEmpty($rolled);
                    $without = $stations(array_values(array_diff_key($events, [$at => true])));
                    foreach (
                        array_filter($without, static fn(?int $station): bool => $station !== null)
                        as $id => $station
                    ) {
                        self::assertSame($rolled[$id], $station, "$onMiss $order without $at: $id");
                    }
                    $corrected = $events;
                    $corrected[$at] = self::ball($at, 1.0, ['target_m' => 3]);
                    foreach (
                        array_filter($stations($corrected), static fn(?int $station): bool => $station !== null)
                        as $id => $station
                    ) {
                        self::assertSame(
                            $id === sprintf('B%04d', $at) ? 0 : $rolled[$id],
                            $station,
                            "$onMiss $order with $at corrected: $id",
                        );
                    }
                }
            }
        }
    }

    public function testAStartThroughTheGateThatMissedIsAFigureOfItsOwn(): void
    {
        $drill = self::drill([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.08, 'distance_m' => 0.5],
        ]);
        $gate = static fn(int $i, string $gate, string $stop): SessionEvent => self::ball($i, 4.0, [
            'gate' => $gate,
            'stop' => $stop,
        ]);
        $state = DrillRun::fold(
            $drill,
            [$gate(0, 'through', 'holed'), $gate(1, 'through', 'free'), $gate(2, 'left', 'holed')],
            1,
        );
        self::assertSame([2, 1], [$state->passes, $state->throughButMissed]);
    }

    public function testAGateClosesAfterEightOfTen(): void
    {
        $drill = self::drill([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'steps_m' => [0.1, 0.08, 0.06],
            'end' => ['kind' => 'balls', 'balls' => 30],
        ]);
        $balls = static fn(string $run): array => array_map(
            static fn(int $i): SessionEvent => self::ball($i, 4.0, ['gate' => $run[$i] === 'o' ? 'through' : 'left']),
            range(0, strlen($run) - 1),
        );
        self::assertSame(0.1, DrillRun::fold($drill, $balls('oooooooox'), 1)->step);
        self::assertSame(0.08, DrillRun::fold($drill, $balls('ooooooooxx'), 1)->step);
        self::assertSame(0.1, DrillRun::fold($drill, $balls('ooooooooxx' . 'xxxxxooooo'), 1)->step);
    }

    public function testBumpsAndDistractionsAreRolledAgain(): void
    {
        $drill = self::drill(['on_miss' => 'restart_all']);
        $state = DrillRun::fold(
            $drill,
            [self::ball(0, 4.0), self::ball(1, 2.0, ['mark' => 'bumps']), self::ball(2, 4.1)],
            1,
        );
        self::assertSame([2, 2, 0], [$state->balls, $state->passes, $state->restarts]);
        $mishit = DrillRun::fold($drill, [self::ball(0, 4.0), self::ball(1, 2.0, ['mark' => 'mishit'])], 1);
        self::assertSame(1, $mishit->restarts);
    }

    public function testCallsAreHeldAgainstWhatHappened(): void
    {
        $drill = self::drill(['call_first' => true]);
        $call = static fn(int $i, float $roll, string $call): SessionEvent => self::ball($i, $roll, ['call' => $call]);
        $answer = ReplayComputation::toArray(
            DrillRun::fold($drill, [$call(0, 4.0, 'on'), $call(1, 3.0, 'long')], 1),
            $drill,
            false,
        );
        self::assertSame(
            [2, 0.5, 1.0],
            [$answer['feel']['n'], $answer['feel']['agreement'], 1.0 * $answer['feel']['miscalibration']],
        );
    }

    public function testAheadLiesOnlyWhatIsCertain(): void
    {
        self::assertCount(6, self::after(self::drill(), '')['ahead']);
        self::assertCount(1, self::after(self::drill(['on_miss' => 'restart_station']), '')['ahead']);
        self::assertCount(2, self::after(self::drill(['end' => ['kind' => 'balls', 'balls' => 5]]), 'ooo')['ahead']);
        self::assertCount(1, self::after(self::drill(['end' => ['kind' => 'minutes', 'minutes' => 9]]), '')['ahead']);
        self::assertCount(4, self::after(self::drill(['cap' => ['balls' => 6]]), 'oo')['ahead']);
        $points = ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.5];
        // Five points to go and three a ball at most: two balls are certain.
        $ahead = self::after(self::drill(['points' => $points, 'end' => ['kind' => 'points', 'points' => 8]]), 'h')[
            'ahead'
        ];
        self::assertCount(2, $ahead);
    }

    public function testWhatLiesAheadComesTrueWhateverHappens(): void
    {
        $this->limitTo(120)
            ->forAll(
                Generators::elements('as_laid', 'ladder', 'middle_short_long', 'shuffled', 'blocked_then_shuffled'),
                Generators::elements('nothing', 'restart_all'),
                Generators::vector(24, Generators::elements('o', 's', 'l', 'h')),
                Generators::choose(0, 500),
            )
            ->then(function (string $order, string $onMiss, array $balls, int $seed): void {
                $drill = self::drill([
                    'order' => $order,
                    'on_miss' => $onMiss,
                    'stations' => [['length_m' => 3], ['length_m' => 5], ['from_m' => 6, 'to_m' => 9]],
                ]);
                $promised = [];
                for ($n = 0; $n < 20; ++$n) {
                    $state = self::after($drill, implode('', array_slice($balls, 0, $n)), $seed);
                    if (isset($promised[$n])) {
                        self::assertSame($promised[$n], $state['next']);
                    }
                    foreach ($state['ahead'] as $i => $callOut) {
                        $promised[$n + $i] = $callOut;
                    }
                }
            });
    }

    public function testAnyArrivalOfTheSameEventsFoldsToTheSameState(): void
    {
        $this->limitTo(150)
            ->forAll(
                Generators::vector(
                    16,
                    Generators::tuple(Generators::choose(0, 5), Generators::choose(0, 15), Generators::choose(20, 80)),
                ),
                Generators::vector(25, Generators::choose(0, 15)),
                Generators::elements('nothing', 'restart_station', 'restart_all'),
            )
            ->then(function (array $recipe, array $repeats, string $onMiss): void {
                $events = [];
                foreach ($recipe as $i => [$kind, $about, $roll]) {
                    $fields = match ($kind) {
                        4 => ['type' => 'undone', 'event_id' => sprintf('B%04d', $about % ($i + 1))],
                        5 => ['type' => 'putt_corrected', 'putt_id' => sprintf('B%04d', $about % ($i + 1))],
                        default => [],
                    };
                    $events[] = self::ball($i, $roll / 10, $fields);
                }
                $drill = self::drill(['on_miss' => $onMiss]);
                $mixed = [
                    ...array_map(static fn(int $i): SessionEvent => $events[$i], $repeats),
                    ...array_reverse($events),
                ];
                self::assertEquals(DrillRun::fold($drill, $events, 3), DrillRun::fold($drill, $mixed, 3));
            });
    }

    public function testUndoingTheLastBallGivesTheStateBeforeIt(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::vector(15, Generators::elements('o', 's', 'l')))
            ->then(function (array $balls): void {
                $drill = self::drill(['on_miss' => 'restart_station', 'order' => 'ladder']);
                $rolls = ['o' => 4.1, 's' => 2.0, 'l' => 9.0];
                $events = array_map(
                    static fn(int $i, string $kind): SessionEvent => self::ball($i, $rolls[$kind]),
                    array_keys($balls),
                    $balls,
                );
                $undo = EventReader::read(
                    JsonInput::fromArray([
                        'id' => 'Z',
                        'type' => 'undone',
                        'at_ms' => 9_000_000,
                        'event_id' => sprintf('B%04d', count($balls) - 1),
                    ]),
                );
                self::assertEquals(
                    DrillRun::fold($drill, array_slice($events, 0, -1), 1),
                    DrillRun::fold($drill, [...$events, $undo], 1),
                );
            });
    }
}
