<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The live half: setting a drill out, logging it, saying why it missed, counting kit back in. */
final class PuttingTest extends TestCase
{
    private const GATE = [
        'key' => 'gate',
        'name' => 'Gate',
        'kit' => [['piece' => 'ball'], ['piece' => 'tee', 'count' => 2]],
        'cautions' => ['Mind the tees.'],
        'stations' => [['length_m' => 3]],
        'target' => 'hole',
        'balls_per_station' => 4,
        'pass' => ['kind' => 'through_gate'],
        'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
        'end' => ['kind' => 'all_stations'],
        'cap' => ['balls' => 9],
    ];

    private Coach $coach;
    private Student $student;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->actingAs($this->coach);
    }

    /**
     * @param array<string, mixed> $drill
     * @param list<string> $students
     */
    private function start(array $drill, array $students = []): string
    {
        $id = (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/runs", [
            'id' => $id,
            'drill' => $drill,
            'students' => $students,
        ])->assertSuccessful();

        return $id;
    }

    /** @param array<string, mixed> ...$events */
    private function send(array ...$events): void
    {
        $this->postJson("api/sessions/{$this->session->id}/events", ['events' => $events])->assertSuccessful();
    }

    /** @return array<string, mixed> */
    private function state(string $run): array
    {
        return $this->getJson("api/sessions/{$this->session->id}/runs/$run")
            ->assertSuccessful()
            ->json();
    }

    public function testTheLibraryIsInRoundNumbersOfTheCoachsOwnUnit(): void
    {
        $stations = fn(string $unit, ?float $pace = null): array => tap($this->coach)
            ->update(['unit' => $unit, 'stride_m' => $pace])
            ->refresh()
            ? collect($this->getJson('api/drills')->json('library'))
                ->pluck('drill')
                ->firstWhere('key', 'six-before-the-round')['stations']
            : [];
        self::assertSame([['length_m' => 3.048], ['length_m' => 6.096], ['length_m' => 9.144]], $stations('feet'));
        self::assertSame([['length_m' => 3], ['length_m' => 6], ['length_m' => 9]], $stations('metres'));
        self::assertSame([['length_m' => 3.2], ['length_m' => 6.4], ['length_m' => 8.8]], $stations('paces', 0.8));
    }

    public function testTheSheetSaysWhereToStandWhatTheGateMeansAndWhichCountSlipped(): void
    {
        $this->coach->update(['unit' => 'metres', 'stride_m' => 0.76]);
        $ask = fn(array $with): array => $this->postJson(
            'api/drills/setup',
            $with + ['id' => (string) Str::ulid(), 'drill' => self::GATE],
        )
            ->assertSuccessful()
            ->json();
        $sheet = $ask(['session_id' => $this->session->id, 'stepped' => [1.2]]);
        self::assertStringContainsString('behind the ball', $sheet['stand']);
        self::assertEqualsWithDelta(rad2deg(atan((0.05 - 0.021335) / 0.5)), $sheet['aid'][0]['half_angle_deg'], 1e-9);
        self::assertEqualsWithDelta(rad2deg(atan(0.054 / 3)), $sheet['stations'][0]['hole_half_angle_deg'], 1e-9);
        self::assertSame('feet', $sheet['stations'][0]['slip']['likely']);
        self::assertSame(
            [
                ['words' => 'balls', 'name' => 'balls', 'pieces' => null],
                ['words' => '2 tees', 'name' => 'tees', 'pieces' => 2],
            ],
            $sheet['kit'],
        );
        self::assertEqualsCanonicalizing(['gate_seen', 'straight'], array_column($sheet['checks'], 'key'));
        self::assertSame('Mind the tees.', $sheet['cautions'][0]);
        self::assertSame(9, $sheet['expectation']['cap']['balls']);
        self::assertNull($ask(['stepped' => [4]])['expectation']);
        self::assertNull($ask(['stepped' => [4]])['stations'][0]['slip']);
    }

    public function testPacesCountedToAStationOfFreeRollingAreHeldAgainstItsLengthToo(): void
    {
        $this->coach->update(['unit' => 'metres', 'stride_m' => 0.76]);
        $slip = fn(string $asked): mixed => $this->getJson("api/units-slip?$asked")
            ->assertOk()
            ->json('slip');
        // "Three metres", and four paces make just that; so do not one and a half, which fit three feet.
        self::assertNull($slip('length_m=3&paces=4'));
        self::assertEqualsWithDelta(1.14, $slip('length_m=3&paces=1.5')['paced_m'], 1e-9);
        self::assertSame('feet', $slip('length_m=3&paces=1.2')['likely']);
        self::assertNull($slip('length_m=3&paces=9')['likely']);
        $this->getJson('api/units-slip?length_m=3&paces=0')->assertUnprocessable()->assertJsonValidationErrors('paces');
    }

    public function testScatteredLengthsOnTheSheetAreThoseTheRunWillCall(): void
    {
        $drill = array_merge(self::GATE, [
            'stations' => array_fill(0, 5, ['from_m' => 2, 'to_m' => 9]),
            'cap' => ['balls' => 40],
        ]);
        $id = (string) Str::ulid();
        $sheet = $this->postJson('api/drills/setup', ['id' => $id, 'drill' => $drill])->json('stations');
        $run = $this->postJson("api/sessions/{$this->session->id}/runs", ['id' => $id, 'drill' => $drill])->json(
            'stations',
        );
        self::assertSame(array_column($run, 'length_m'), array_column($sheet, 'length_m'));
    }

    public function testTheWeakBreakIsTheStudentsOwnAndElseThatOfTheHand(): void
    {
        $drill = array_merge(self::GATE, [
            'stations' => [
                ['length_m' => 1.5, 'across_percent' => 1.5, 'breaks' => 'weak'],
                ['length_m' => 3, 'across_percent' => 1.0],
            ],
        ]);
        $across = function (Student $student) use ($drill): array {
            $session = $this->practiceSession($this->coach, $student);
            $id = (string) Str::ulid();
            $sheet = $this->postJson('api/drills/setup', ['id' => $id, 'drill' => $drill, 'session_id' => $session->id])
                ->assertSuccessful()
                ->json('stations');
            $run = $this->postJson("api/sessions/$session->id/runs", ['id' => $id, 'drill' => $drill])
                ->assertSuccessful()
                ->json('drill.stations');
            self::assertEquals(array_column($run, 'across_percent'), array_column($sheet, 'across_percent'));

            return array_column($run, 'across_percent');
        };
        $left = $this->coach->students()->create(self::studentCard(['name' => 'Left', 'hand' => 'left']));
        // Ground that rises to the right sends the ball left; one that lies below a right-hander's feet goes right.
        self::assertEquals([-1.5, 1.0], $across($this->student));
        self::assertEquals([1.5, 1.0], $across($left));
        // By their own balls it is the other one: curving left most are missed low, curving right none.
        $run = $this->start(self::GATE);
        foreach ([[-2.0, 'high'], [2.0, 'low']] as [$slope, $missed]) {
            $this->send(
                ...array_map(
                    static fn(): array => self::putt([
                        'version' => 2,
                        'run_id' => $run,
                        'roll_m' => 3.2,
                        'target_m' => 3.0,
                        'across_percent' => $slope,
                        'seen' => ['high_low' => $missed],
                    ]),
                    range(1, 8),
                ),
            );
        }
        self::assertEquals([1.5, 1.0], $across($this->student));
    }

    public function testADrillBeingMadeIsToldWhatContradictsItselfAndNothingIsKept(): void
    {
        $this->postJson('api/drills/check', ['drill' => self::GATE])
            ->assertSuccessful()
            ->assertJsonPath('can_be_holed', true);
        $this->postJson('api/drills/check', ['drill' => array_diff_key(self::GATE, ['aid' => 1])])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['drill.pass.kind' => 'Through the gate needs a gate.']);
        self::assertSame(0, $this->coach->drills()->count());
    }

    public function testTheLastBallSaysHowItWasJudgedAndWhatMayHaveCausedAMiss(): void
    {
        // Narrower than the hole is from here: a start through it could have gone in.
        $run = $this->start(
            array_replace_recursive(self::GATE, [
                'pass' => ['kind' => 'holed'],
                'aid' => ['width_m' => 0.055, 'distance_m' => 1.0],
            ]),
        );
        self::assertNull($this->state($run)['last']);
        $ball = self::putt(['gate' => 'through', 'roll_m' => 3.2, 'run_id' => $run]);
        $this->send($ball);
        self::assertSame(
            [
                'putt_id' => $ball['id'],
                'passed' => false,
                'restarted' => false,
                'may_be_putted_out' => false,
                'cause' => 'read',
            ],
            $this->state($run)['last'],
        );
        // Once the putt is proved straight no read can be wrong.
        $this->send(
            self::putt([
                'type' => 'set_out_counted',
                'run_id' => $run,
                'item' => 'check',
                'name' => 'straight',
                'count' => 1,
            ]),
        );
        self::assertSame('luck', $this->state($run)['last']['cause']);
        self::assertSame(['straight' => 1], $this->state($run)['set_out']['check']);
        // Through the gate is all that this one asks: what passed has no cause.
        $gate = $this->start(array_replace_recursive(self::GATE, ['aid' => ['width_m' => 0.055, 'distance_m' => 1.0]]));
        $this->send(self::putt(['gate' => 'through', 'roll_m' => 3.2, 'run_id' => $gate]));
        self::assertSame([true, null], [$this->state($gate)['last']['passed'], $this->state($gate)['last']['cause']]);
    }

    public function testARemarkIsKeptWithItsHistoryAndABumpedBallIsRolledAgain(): void
    {
        $run = $this->start(self::GATE);
        $ball = self::putt(['gate' => 'left', 'run_id' => $run, 'at_ms' => 1000]);
        $bumped = self::putt([
            'type' => 'putt_remarked',
            'putt_id' => $ball['id'],
            'mark' => 'bumps',
            'cause' => 'luck',
            'held' => true,
            'at_ms' => 2000,
        ]);
        $this->send($ball, $bumped);
        self::assertSame(0, $this->state($run)['balls']);
        $putt = $this->getJson("api/sessions/{$this->session->id}")->json('putts.0');
        self::assertSame(
            ['bumps', 'luck', true, 'left', $run],
            [$putt['mark'], $putt['cause'], $putt['seen']['held'], $putt['seen']['gate'], $putt['run_id']],
        );
        $this->send(
            self::putt(['type' => 'undone', 'event_id' => $bumped['id'], 'at_ms' => 3000]),
            self::putt(['gate' => 'right', 'run_id' => $run, 'at_ms' => 4000]),
        );
        self::assertSame(2, $this->state($run)['balls']);
        $history = $this->getJson("api/sessions/{$this->session->id}/balls/{$ball['id']}")->json();
        self::assertSame(['putt_logged', 'putt_remarked', 'undone'], array_column($history, 'type'));
        self::assertSame('Hedda', $history[0]['by']);
        $other = $this->practiceSession($this->coach);
        $this->getJson("api/sessions/$other->id/balls/{$ball['id']}")->assertExactJson([]);
    }

    public function testAGroupsBallsBelongToWhoeverRolledThem(): void
    {
        $guest = $this->student($this->coach);
        $run = $this->start(self::GATE, [$this->student->id, $guest->id]);
        self::assertSame([$this->student->id, $guest->id], $this->state($run)['turns']);
        $this->send(
            self::putt(['gate' => 'through', 'run_id' => $run, 'student' => $guest->id]),
            self::putt(['gate' => 'left', 'run_id' => $run, 'student' => $this->student->id]),
            self::putt(),
        );
        $this->putJson("api/sessions/{$this->session->id}/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'ramp',
            'direction_1_m' => [3],
            'direction_2_m' => [3],
        ]);
        // The guest's ball used to be counted to the session's own student.
        self::assertCount(2, $this->getJson("api/sessions/{$this->session->id}/stroke")->json('balls'));
        $own = $this->practiceSession($this->coach, $guest, $this->session->green);
        self::assertCount(1, $this->getJson("api/sessions/$own->id/stroke")->json('balls'));
    }

    /** @param array<string, mixed> $event */
    #[DataProvider('bad')]
    public function testAnEventThatCannotBeIsRefusedAtItsFieldAndNoneIsKept(array $event, string $field): void
    {
        $this->postJson("api/sessions/{$this->session->id}/events", ['events' => [self::putt(), $event]])
            ->assertStatus(422)
            ->assertJsonValidationErrors("events.1.$field");
        self::assertSame([], $this->getJson("api/sessions/{$this->session->id}")->json('putts'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'an unheard-of cause' => [self::putt(['cause' => 'moon']), 'cause'];
        yield 'a remark on nothing' => [self::putt(['type' => 'putt_remarked']), 'putt_id'];
        yield 'somebody of no group' => [self::putt(['student' => (string) Str::ulid()]), 'student'];
        yield 'kit of no run' => [
            self::putt(['type' => 'set_out_counted', 'item' => 'kit_out', 'name' => 'tees', 'count' => 1]),
            'run_id',
        ];
        yield 'kit of a run that is not there' => [
            self::putt([
                'type' => 'set_out_counted',
                'item' => 'kit_out',
                'name' => 'tees',
                'count' => 1,
                'run_id' => (string) Str::ulid(),
            ]),
            'run_id',
        ];
        yield 'more rehearsals than anybody makes' => [self::putt(['rehearsals' => 21]), 'rehearsals'];
    }

    public function testASheetOfAnotherCoachsSessionIsRefused(): void
    {
        $other = $this->practiceSession($this->coach('other@example.test'));
        $this->postJson('api/drills/setup', [
            'id' => (string) Str::ulid(),
            'drill' => self::GATE,
            'session_id' => $other->id,
        ])->assertJsonValidationErrors('session_id');
        $this->getJson("api/sessions/$other->id/balls/" . Str::ulid())->assertNotFound();
    }
}
