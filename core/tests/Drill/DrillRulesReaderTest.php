<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;

final class DrillRulesReaderTest extends DrillTestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('bad')]
    public function testADrillThatCannotBeRunIsRefusedAtItsField(array $changes, string $field): void
    {
        try {
            self::card($changes);
            self::fail('The drill was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($field, $refused->field());
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/s', $refused->getMessage());
        }
    }

    public function testWhatADrillDoesNotSayOfItselfIsTheOrdinary(): void
    {
        $card = self::card([
            'group' => null,
            'schools' => null,
            'places' => null,
            'purpose' => null,
            'minutes' => null,
            'level' => null,
        ]);
        self::assertSame(
            [false, [], [], null, null, 0],
            [$card->isForGroup, $card->schools, $card->places, $card->purpose, $card->minutes, $card->level],
        );
        self::assertTrue(self::card(['group' => true])->isForGroup);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no station' => [['stations' => []], 'stations'];
        yield 'stations missing' => [['stations' => null], 'stations'];
        yield 'a station of nothing' => [['stations' => [['length_m' => 4], ['length_m' => 0]]], 'stations.1.length_m'];
        yield 'a station out of sight' => [['stations' => [['length_m' => 600]]], 'stations.0.length_m'];
        yield 'a range the wrong way' => [['stations' => [['from_m' => 6, 'to_m' => 2]]], 'stations.0.from_m'];
        yield 'half a range' => [['stations' => [['from_m' => 6]]], 'stations.0.to_m'];
        yield 'too many stations' => [['stations' => array_fill(0, 25, ['length_m' => 2])], 'stations'];
        yield 'a tier without run' => [
            ['stations' => [['length_m' => 4, 'tier' => ['height_m' => 1, 'run_m' => 0, 'start_m' => 1]]]],
            'stations.0.tier.run_m',
        ];
        yield 'a name of nothing' => [['name' => ' '], 'name'];
        yield 'a reason as long as a book' => [['why' => str_repeat('x', 10_000)], 'why'];
        yield 'kit that is a word' => [['kit' => [['piece' => 'ball'], 'tees']], 'kit.1'];
        yield 'kit nobody knows' => [['kit' => [['piece' => 'robot']]], 'kit.0.piece'];
        yield 'a thing of one’s own without a name' => [['kit' => [['piece' => 'other', 'count' => 1]]], 'kit.0.name'];
        yield 'no tee at all' => [['kit' => [['piece' => 'tee', 'count' => 0]]], 'kit.0.count'];
        yield 'asking for what nobody can see' => [['asks' => ['roll_m', 'mood']], 'asks.1'];
        yield 'finding what is never found' => [['finds' => ['luck']], 'finds.0'];
        yield 'a purpose of none' => [['purpose' => 'fun'], 'purpose'];
        yield 'a place unheard of' => [['places' => ['moon']], 'places.0'];
        yield 'a level that changes nothing' => [['progression' => [['says' => 'Again.']]], 'progression.0'];
        yield 'a level of no length' => [
            ['progression' => [['says' => 'Nearer.', 'lengths_m' => [3, 0]]]],
            'progression.0.lengths_m.1',
        ];
        yield 'a level that is not there' => [['level' => 1], 'level'];
        yield 'a step that is not there' => [['steps_m' => [0.4, 0.3], 'start_step' => 2], 'start_step'];
        yield 'never to reach a hole' => [['pass' => ['kind' => 'short_only']], 'pass.kind'];
        yield 'two balls to part, and no other ball' => [
            ['pass' => ['kind' => 'hit_gap'], 'target' => 'tee'],
            'pass.kind',
        ];
        yield 'firm that is softer than soft' => [
            ['pass' => ['kind' => 'hit_gap', 'soft_m' => 0.9, 'firm_m' => 0.3], 'target' => 'ball'],
            'pass.firm_m',
        ];
        yield 'a level too high' => [['pass' => ['kind' => 'level', 'level' => 6]], 'pass.level'];
        yield 'minutes in words' => [['minutes' => 'ten'], 'minutes'];
        yield 'tasks without end' => [['tasks' => array_fill(0, 25, 'past')], 'tasks'];
        yield 'an unknown field' => [['colour' => 'red'], 'colour'];
        yield 'an unknown field of a station' => [
            ['stations' => [['length_m' => 3, 'windy' => true]]],
            'stations.0.windy',
        ];
        yield 'an unknown field of the rule' => [['pass' => ['kind' => 'share', 'part' => 0.1]], 'pass.part'];
        yield 'an unheard-of target' => [['target' => 'moon'], 'target'];
        yield 'no ball' => [['balls_per_station' => 0], 'balls_per_station'];
        yield 'half a ball' => [['balls_per_station' => 2.5], 'balls_per_station'];
        yield 'an unheard-of rule' => [['pass' => ['kind' => 'luck']], 'pass.kind'];
        yield 'a share above one' => [['pass' => ['kind' => 'share', 'share' => 1.5]], 'pass.share'];
        yield 'a ring of negative width' => [['pass' => ['kind' => 'radius', 'radius_m' => -1]], 'pass.radius_m'];
        yield 'a gate with no gate' => [['pass' => ['kind' => 'through_gate']], 'pass.kind'];
        yield 'a gate narrower than a ball' => [
            ['aid' => ['kind' => 'gate', 'width_m' => 0.04, 'distance_m' => 1]],
            'aid.width_m',
        ];
        yield 'a gate without a place' => [['aid' => ['kind' => 'gate', 'width_m' => 0.08]], 'aid.distance_m'];
        yield 'a gate of negative width' => [
            ['aid' => ['kind' => 'gate', 'width_m' => -0.1, 'distance_m' => 1]],
            'aid.width_m',
        ];
        yield 'on line without a line' => [['pass' => ['kind' => 'on_line']], 'pass.kind'];
        yield 'holing at an edge' => [['target' => 'edge', 'pass' => ['kind' => 'holed']], 'pass.kind'];
        yield 'striking a hole' => [['pass' => ['kind' => 'hit']], 'pass.kind'];
        yield 'short of nothing' => [['target' => 'none'], 'pass.kind'];
        yield 'a rod that is not there' => [['pass' => ['kind' => 'between', 'behind_m' => 0.5]], 'pass.kind'];
        yield 'tasks to do, none given' => [['pass' => ['kind' => 'task']], 'pass.kind'];
        yield 'an unheard-of task' => [['tasks' => ['past', 'sideways']], 'tasks.1'];
        yield 'restarting a station of mixed balls' => [
            ['order' => 'shuffled', 'on_miss' => 'restart_station'],
            'on_miss',
        ];
        yield 'no cap' => [['cap' => []], 'cap'];
        yield 'a cap of nothing' => [['cap' => (object) []], 'cap'];
        yield 'a cap before the end' => [['cap' => ['balls' => 5]], 'cap.balls'];
        yield 'a cap of no balls' => [['cap' => ['balls' => 0]], 'cap.balls'];
        yield 'points as the end, none given' => [['end' => ['kind' => 'points', 'points' => 9]], 'points'];
        $losing = ['holed' => 0, 'past' => 0, 'long' => -1, 'short' => -2, 'past_within_m' => 0.5];
        yield 'points nobody can win' => [
            ['points' => $losing, 'end' => ['kind' => 'points', 'points' => 9]],
            'points',
        ];
        yield 'half points' => [['points' => ['holed' => 0.5] + $losing], 'points.holed'];
        yield 'an end that is none' => [['end' => ['kind' => 'balls', 'balls' => 0]], 'end.balls'];
        yield 'an end unheard of' => [['end' => ['kind' => 'sunset']], 'end.kind'];
        yield 'a single step' => [['steps_m' => [0.1]], 'steps_m'];
        yield 'steps that widen' => [['steps_m' => [0.1, 0.12]], 'steps_m.1'];
    }

    /** @param array<string, mixed> $event */
    #[DataProvider('badEvents')]
    public function testABallThatItsDrillCannotJudgeIsRefused(array $event, string $field): void
    {
        $input = [
            'drill' => self::rules(['call_first' => true]),
            'events' => [$event + ['id' => 'A', 'type' => 'putt_logged', 'at_ms' => 1, 'roll_m' => 4, 'call' => 'on']],
        ];
        try {
            (new ReplayComputation())->answer(JsonInput::parse(json_encode($input, JSON_THROW_ON_ERROR)));
            self::fail('The event was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame("events.0.$field", $refused->field());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badEvents(): iterable
    {
        yield 'no call' => [['call' => null], 'call'];
        yield 'no roll' => [['roll_m' => null], 'roll_m'];
        yield 'a roll of nothing' => [['roll_m' => 0], 'roll_m'];
        yield 'a type unheard of' => [['type' => 'drop'], 'type'];
        yield 'a gate unheard of' => [['gate' => 'over'], 'gate'];
        yield 'no time' => [['at_ms' => null], 'at_ms'];
        yield 'no id' => [['id' => ''], 'id'];
        yield 'undoing nothing' => [['type' => 'undone'], 'event_id'];
        yield 'no more putts to finish' => [['putts_to_finish' => 0], 'putts_to_finish'];
    }

    public function testAGroupTakesTurnsAndEachKeepsAStateOfTheirOwn(): void
    {
        $ball = static fn(int $i, string $student, float $roll): array => [
            'id' => "E$i",
            'type' => 'putt_logged',
            'at_ms' => 1000 * $i,
            'roll_m' => $roll,
            'student' => $student,
        ];
        $answer = static fn(array $events): array => (new ReplayComputation())->answer(
            JsonInput::parse(
                json_encode(
                    [
                        'drill' => self::rules(['balls_per_station' => 1]),
                        'students' => ['Ada', 'Bo', 'Cy'],
                        'events' => $events,
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ),
        );
        self::assertSame('Ada', $answer([])['turn']);
        $events = [$ball(1, 'Ada', 4.0), $ball(2, 'Bo', 2.0)];
        self::assertSame('Cy', $answer($events)['turn']);
        $events = [...$events, $ball(3, 'Cy', 4.0), $ball(4, 'Ada', 6.0)];
        $after = $answer($events);
        // Ada is done; of the others, Bo has waited longest.
        self::assertSame('Bo', $after['turn']);
        self::assertSame(
            ['done', 'rolling', 'rolling'],
            array_column(array_column($after['students'], 'state'), 'phase'),
        );
        $undone = $answer([...$events, ['id' => 'U', 'type' => 'undone', 'at_ms' => 9000, 'event_id' => 'E4']]);
        self::assertSame('rolling', $undone['students'][0]['state']['phase']);
    }

    public function testExpectedBallsAreToldFromRates(): void
    {
        $input = [
            'drill' => self::rules(['on_miss' => 'restart_station', 'balls_per_station' => 4]),
            'rates' => [0.7, 0.5],
        ];
        $answer = (new ReplayComputation())->answer(JsonInput::parse(json_encode($input, JSON_THROW_ON_ERROR)));
        self::assertEqualsWithDelta(10.55 + 30.0, $answer['expected_balls'], 0.01);
        $this->expectException(InvalidInput::class);
        (new ReplayComputation())->answer(
            JsonInput::parse(json_encode(['rates' => [0.7]] + $input, JSON_THROW_ON_ERROR)),
        );
    }
}
