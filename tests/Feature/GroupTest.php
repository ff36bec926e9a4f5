<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Str;
use Tests\TestCase;

/** People who come and go, sessions that are found again, and what is put away. */
final class GroupTest extends TestCase
{
    private Coach $coach;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
        $this->session = $this->freshSession();
    }

    private function freshSession(): PracticeSession
    {
        return $this->practiceSession($this->coach, $this->student($this->coach), $this->green($this->coach));
    }

    private function named(string $name): Student
    {
        return $this->coach->students()->create(self::studentCard(['name' => $name]));
    }

    /** @param array<string, mixed> $fields */
    private function say(string $type, array $fields = [], ?PracticeSession $in = null): string
    {
        $id = (string) Str::ulid();
        $this->postJson('api/sessions/' . ($in ?? $this->session)->id . '/events', [
            'events' => [['id' => $id, 'type' => $type, 'at_ms' => (int) now()->getTimestampMs()] + $fields],
        ])->assertSuccessful();
        $this->travel(1)->seconds();

        return $id;
    }

    public function testTheCompanyOfASessionIsToldByNameWhoeverItWasBegunForFirst(): void
    {
        $late = $this->named('Late Comer');
        $this->say('company_noted', ['student' => $late->id, 'standing' => 'here']);
        $this->say('company_noted', ['student' => (string) $this->session->student_id, 'standing' => 'gone']);
        $groupMembers = $this->getJson("api/sessions/{$this->session->id}")->json('group_members');
        self::assertSame(
            [[$this->session->student_id, 'gone'], [$late->id, 'here']],
            array_map(static fn(array $one): array => [$one['student'], $one['standing']], $groupMembers),
        );
        self::assertSame('Late Comer', $groupMembers[1]['name']);
        $stranger = $this->coach('other@example.test')->students()->create(self::studentCard());
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [
                [
                    'id' => (string) Str::ulid(),
                    'type' => 'company_noted',
                    'at_ms' => 1,
                    'student' => $stranger->id,
                    'standing' => 'here',
                ],
            ],
        ])->assertJsonValidationErrorFor('events.0.student');
    }

    public function testABallMovesToAnotherWithTheirPutterAndTheirFiguresFollow(): void
    {
        $other = $this->named('Other Hand');
        $other->update(['putter' => 'Mallet']);
        $ball = $this->say('putt_logged', [
            'backstroke_m' => 0.2,
            'roll_m' => 3.0,
            'stop' => 'free',
            'target_m' => 3.0,
        ]);
        $this->say('putt_given', ['putt_id' => $ball, 'student' => $other->id]);
        $this->assertDatabaseHas('balls', [
            'id' => $ball,
            'student_id' => $other->id,
            'putter' => 'Mallet',
            'target_m' => 3.0,
        ]);
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('putts.0.student', $other->id);
        $this->say('putt_given', ['putt_id' => $ball, 'student' => null]);
        $this->assertDatabaseHas('balls', ['id' => $ball, 'student_id' => $this->session->student_id]);
    }

    public function testEachOfTheCompanyHasFiguresOfTheirOwn(): void
    {
        $other = $this->named('Other Hand');
        foreach ([0.15, 0.2, 0.25] as $backstroke) {
            $this->say('putt_logged', [
                'backstroke_m' => $backstroke,
                'roll_m' => 15 * $backstroke,
                'stop' => 'free',
                'student' => $other->id,
            ]);
        }
        $this->putJson("api/sessions/{$this->session->id}/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 9.5,
        ])->assertSuccessful();
        $path = "api/sessions/{$this->session->id}/stroke";
        self::assertSame(0, $this->getJson($path)->json('n'));
        self::assertSame(3, $this->getJson("$path?student_id=$other->id")->json('n'));
        $this->getJson("$path/what-if?length_m=3&student_id=$other->id")->assertSuccessful();
        $stranger = $this->coach('other@example.test')->students()->create(self::studentCard());
        $this->getJson("$path?student_id=$stranger->id")->assertJsonValidationErrorFor('student_id');
    }

    public function testASheetForAGroupTellsWhatEachWillRollAtTheirOwnRate(): void
    {
        $drill = json_decode(
            (string) file_get_contents(base_path('core/drills/library.json')),
            true,
            32,
            JSON_THROW_ON_ERROR,
        )['drills'][0];
        [$ann, $bea] = [$this->named('Ann'), $this->named('Bea')];
        $sheet = fn(array $students) => $this->postJson('api/drills/setup', [
            'drill' => $drill,
            'id' => (string) Str::ulid(),
            'session_id' => $this->session->id,
            'students' => $students,
        ])->assertSuccessful();
        // Say it first ends on a count, which is everybody's.
        $group = $sheet([$bea->id, $ann->id]);
        self::assertSame(
            [['Bea', 'Ann'], 2 * $group->json('expectation.balls')],
            [array_column($group->json('group'), 'name'), $group->json('balls_in_all')],
        );
        self::assertSame([[], null], [$sheet([])->json('group'), $sheet([])->json('balls_in_all')]);
        $stranger = $this->coach('other@example.test')->students()->create(self::studentCard());
        $this->postJson('api/drills/setup', [
            'drill' => $drill,
            'id' => (string) Str::ulid(),
            'session_id' => $this->session->id,
            'students' => [$stranger->id],
        ])->assertJsonValidationErrorFor('students.0');
    }

    public function testAGroupOnTheGreenALeaverALatecomerAndAnEndedDrill(): void
    {
        [$ann, $bea, $late] = [$this->named('Ann'), $this->named('Bea'), $this->named('Late')];
        $drill = json_decode(
            (string) file_get_contents(base_path('core/drills/library.json')),
            true,
            32,
            JSON_THROW_ON_ERROR,
        )['drills'][0];
        $run = (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/runs", [
            'id' => $run,
            'drill' => $drill,
            'students' => [$ann->id, $bea->id],
        ])->assertSuccessful();
        $this->say('putt_logged', ['run_id' => $run, 'student' => $ann->id, 'roll_m' => 3.0, 'stop' => 'free']);
        $this->say('company_noted', ['student' => $ann->id, 'standing' => 'gone']);
        $this->say('run_joined', ['run_id' => $run, 'student' => $late->id, 'station' => 1]);
        $state = $this->getJson("api/sessions/{$this->session->id}/runs/$run");
        self::assertEqualsCanonicalizing([$bea->id, $late->id], $state->json('turns'));
        self::assertSame([$ann->id, $bea->id, $late->id], $state->json('group'));
        self::assertSame(
            1,
            collect($state->json('students'))->firstWhere('student', $late->id)['state']['next']['station'],
        );
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('run.is_over', false);
        $end = $this->say('run_ended', ['run_id' => $run]);
        self::assertSame(
            ['stopped', 1],
            [
                $this->getJson("api/sessions/{$this->session->id}/runs/$run")->json('students.0.state.phase'),
                $this->getJson("api/sessions/{$this->session->id}/runs/$run")->json('students.0.state.balls'),
            ],
        );
        $this->getJson("api/sessions/{$this->session->id}")
            ->assertJsonPath('run.is_over', true)
            ->assertJsonPath('run.name', $drill['name']);
        // What was done is found; taken back, the drill goes on.
        self::assertSame('stopped', $this->getJson("api/students/$ann->id/findings")->json('0.phase'));
        $this->say('undone', ['event_id' => $end]);
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('run.is_over', false);
    }

    public function testAnothersReadingNeverTakesThePlaceOfOursByItself(): void
    {
        $rolls = static fn(float $metres): array => [
            'id' => (string) Str::ulid(),
            'method' => 'ramp',
            'direction_1_m' => [$metres, $metres],
            'direction_2_m' => [$metres, $metres + 0.01],
        ];
        $ours = $this->putJson("api/sessions/{$this->session->id}/green-speed", $rolls(2.9))
            ->assertSuccessful()
            ->json('id');
        $elsewhere = $this->freshSession();
        $elsewhere->update(['green_id' => $this->session->green_id]);
        $this->travel(5)->minutes();
        $theirs = $this->putJson("api/sessions/$elsewhere->id/green-speed", $rolls(2.2))
            ->assertSuccessful()
            ->json('id');
        $read = fn() => $this->getJson("api/sessions/{$this->session->id}");
        self::assertSame(
            [$ours, $ours, $theirs],
            [$read()->json('reading.id'), $read()->json('own_measurement.id'), $read()->json('other_measurement.id')],
        );
        self::assertSame($elsewhere->student?->name, $read()->json('other_measurement.whose'));
        self::assertCount(2, $read()->json('own_measurement.entries.direction_1_m'));
        $this->say('reading_chosen', ['reading_id' => $theirs]);
        self::assertSame([$theirs, $ours], [$read()->json('reading.id'), $read()->json('own_measurement.id')]);
        // What balls tell follows the choice.
        $this->say('putt_logged', ['backstroke_m' => 0.2, 'roll_m' => 3.0, 'stop' => 'free']);
        self::assertEqualsWithDelta(
            2.2,
            $this->getJson("api/sessions/{$this->session->id}/stroke")->json('speed_m'),
            0.02,
        );
        $this->say('reading_chosen', ['reading_id' => null]);
        self::assertSame($ours, $read()->json('reading.id'));
    }

    public function testASlopeIsToldWithItsRangeOrWithoutAFigureOfIts(): void
    {
        $id = (string) Str::ulid();
        $reading = fn(array $there): array => $this->putJson("api/sessions/{$this->session->id}/green-speed", [
            'id' => $id,
            'method' => 'ramp',
            'direction_1_m' => $there,
            'direction_2_m' => [3.0],
        ])
            ->assertSuccessful()
            ->json();
        self::assertNull($reading([2.6])['grade_range']);
        $sure = $reading([2.6, 2.65, 2.62]);
        self::assertGreaterThan($sure['grade_range'][0], $sure['grade']);
        self::assertLessThan($sure['grade_range'][1], $sure['grade']);
    }

    public function testADoubtfulRollIsAskedAboutBeforeItCounts(): void
    {
        $others = [['distance_m' => 5.0, 'time_s' => 4.2], ['distance_m' => 5.2, 'time_s' => 4.3]];
        $ask = fn(float $metres, float $seconds) => $this->postJson('api/green-speed/doubts', [
            'roll' => ['distance_m' => $metres, 'time_s' => $seconds],
            'others' => $others,
        ]);
        self::assertSame([], $ask(5.1, 4.25)->assertSuccessful()->json());
        self::assertSame(['short_time', 'far_from_others'], array_column($ask(5.1, 2.9)->json(), 'key'));
        $ask(500.0, 4.2)->assertJsonValidationErrors([
            'roll.distance_m' => 'A timed roll is between 0.1 m (4 in) and 60 m (196 ft).',
        ]);
    }

    public function testEverySessionCanBeFoundByStudentByGreenAndByDate(): void
    {
        $this->say('putt_logged', ['roll_m' => 3.0, 'stop' => 'free']);
        $guest = $this->named('Guest');
        $this->say('putt_logged', ['roll_m' => 3.0, 'stop' => 'free', 'student' => $guest->id]);
        $this->travel(2)->days();
        $later = $this->freshSession();
        $ids = fn(string $query): array => array_column(
            $this->getJson("api/sessions$query")
                ->assertSuccessful()
                ->json(),
            'id',
        );
        self::assertSame([$later->id, $this->session->id], $ids(''));
        self::assertSame([$this->session->id], $ids('?student_id=' . $this->session->student_id));
        // Whoever rolled in another's session finds it too.
        self::assertSame([$this->session->id], $ids("?student_id=$guest->id"));
        self::assertSame([$later->id], $ids("?green_id=$later->green_id"));
        self::assertSame([$this->session->id], $ids('?before=' . urlencode($later->started_at->toIso8601ZuluString())));
        self::assertSame(
            [2, 2],
            [$this->getJson('api/sessions')->json('1.balls'), $this->getJson('api/sessions')->json('1.students')],
        );
        $this->actingAs($this->coach('other@example.test'));
        self::assertSame([], $ids(''));
    }

    public function testWhatIsPutAwayIsOutOfSightTellsOfNobodyAndComesBack(): void
    {
        $this->say('putt_logged', ['backstroke_m' => 0.2, 'roll_m' => 3.0, 'stop' => 'free']);
        [$session, $student, $green] = [
            $this->session->id,
            (string) $this->session->student_id,
            (string) $this->session->green_id,
        ];
        foreach (["sessions/$session", "students/$student", "greens/$green"] as $record) {
            $this->deleteJson("api/$record")->assertNoContent();
        }
        $this->assertDatabaseMissing('balls', ['practice_session_id' => $session]);
        $this->getJson("api/sessions/$session")->assertNotFound();
        self::assertSame(
            [[], [], []],
            [
                $this->getJson('api/today')->json('students'),
                $this->getJson('api/today')->json('greens'),
                $this->getJson('api/today')->json('sessions'),
            ],
        );
        $away = $this->getJson('api/deleted')->assertSuccessful();
        self::assertSame(
            [[$session], [$student], [$green]],
            [
                array_column($away->json('sessions'), 'id'),
                array_column($away->json('students'), 'id'),
                array_column($away->json('greens'), 'id'),
            ],
        );
        $this->actingAs($this->coach('other@example.test'))
            ->postJson("api/sessions/$session/restore")
            ->assertNotFound();
        $this->actingAs($this->coach);
        foreach (["sessions/$session", "students/$student", "greens/$green"] as $record) {
            $this->postJson("api/$record/restore")->assertSuccessful();
        }
        $this->assertDatabaseHas('balls', ['practice_session_id' => $session, 'student_id' => $student]);
        $this->getJson("api/sessions/$session")->assertJsonCount(1, 'putts');
        self::assertSame([[], [], []], array_values($this->getJson('api/deleted')->json()));
    }

    public function testWhatIsSentLateHappenedWhenTheDeviceSaysAndIsMadeOnce(): void
    {
        $began = now()->toImmutable()->subHours(3)->startOfSecond();
        [$session, $student, $green] = [(string) Str::ulid(), (string) Str::ulid(), (string) Str::ulid()];
        for ($try = 0; $try < 2; ++$try) {
            $this->postJson('api/students', self::studentCard(['id' => $student, 'name' => 'Offline']))
                ->assertSuccessful()
                ->assertJsonPath('id', $student);
            $this->postJson('api/greens', ['id' => $green, 'name' => 'Far lawn', 'surface' => 'grass'])
                ->assertSuccessful()
                ->assertJsonPath('id', $green);
            $this->postJson('api/sessions', [
                'id' => $session,
                'student_id' => $student,
                'green_id' => $green,
                'started_at_ms' => $began->getTimestampMs(),
            ])->assertSuccessful();
        }
        $this->putJson("api/sessions/$session/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 9,
            'taken_at_ms' => $began->getTimestampMs(),
        ])->assertSuccessful();
        $this->patchJson("api/sessions/$session", [
            'ended' => true,
            'ended_at_ms' => $began->addHour()->getTimestampMs(),
        ])->assertSuccessful();
        $kept = $this->getJson("api/sessions/$session");
        self::assertSame($began->toIso8601ZuluString(), $kept->json('started_at'));
        self::assertSame($began->addHour()->toIso8601ZuluString(), $kept->json('ended_at'));
        self::assertEqualsWithDelta(9 * 0.3048, $kept->json('reading.speed_m'), 1e-9);
        self::assertCount(
            1,
            array_filter(
                $this->getJson('api/today')->json('students'),
                static fn(array $one): bool => $one['name'] === 'Offline',
            ),
        );
        // A clock that runs ahead makes nothing happen in the future.
        $ahead = (string) Str::ulid();
        $this->postJson('api/sessions', [
            'id' => $ahead,
            'started_at_ms' => now()->addDays(3)->getTimestampMs(),
        ])->assertSuccessful();
        self::assertTrue(PracticeSession::query()->findOrFail($ahead)->started_at->lessThanOrEqualTo(now()));
        $this->actingAs($this->coach('other@example.test'))
            ->postJson('api/students', self::studentCard(['id' => $student]))
            ->assertNotFound();
    }
}
