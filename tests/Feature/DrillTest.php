<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\SavedDrill;
use App\Models\SessionEventRecord;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Drills through the API: the library, a coach's own, and running one in a session. */
final class DrillTest extends TestCase
{
    private Coach $coach;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->session = $this->practiceSession($this->coach, $this->student($this->coach), $this->green($this->coach));
        $this->actingAs($this->coach);
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    private static function drill(array $changes = []): array
    {
        return $changes + [
            'key' => 'two-rungs',
            'name' => 'Two rungs',
            'stations' => [['length_m' => 3], ['length_m' => 5]],
            'target' => 'rail',
            'balls_per_station' => 2,
            'pass' => ['kind' => 'between', 'behind_m' => 0.5],
            'on_miss' => 'restart_station',
            'order' => 'ladder',
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 30],
        ];
    }

    /** @param array<string, mixed> $drill */
    private function start(array $drill, ?string $id = null): string
    {
        $id ??= (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/runs", ['id' => $id, 'drill' => $drill])->assertSuccessful();

        return $id;
    }

    /**
     * @param array<string, mixed> $drill
     *
     * @return array<string, mixed> told on the sheet for setting it out
     */
    private function expectation(array $drill): array
    {
        return $this->postJson('api/drills/setup', [
            'drill' => $drill,
            'id' => (string) Str::ulid(),
            'session_id' => $this->session->id,
        ])
            ->assertSuccessful()
            ->json('expectation');
    }

    /**
     * @param list<array<string, mixed>> $events
     *
     * @return array<string, mixed> the new state
     */
    private function log(string $run, array $events): array
    {
        return $this->postJson("api/sessions/{$this->session->id}/runs/$run/events", ['events' => $events])
            ->assertSuccessful()
            ->json();
    }

    public function testTheLibraryIsServedAndADrillOfItCanBeCopiedAndChanged(): void
    {
        $library = $this->getJson('api/drills')->assertSuccessful()->json('library');
        self::assertGreaterThanOrEqual(30, count($library));
        $mine = array_merge($library[0]['drill'], ['name' => 'My own']);
        $id = $this->postJson('api/drills', ['drill' => $mine])
            ->assertSuccessful()
            ->assertJsonPath('drill', $mine)
            ->json('own_id');
        $this->putJson("api/drills/$id", ['drill' => array_merge($mine, ['balls_per_station' => 2])])->assertJsonPath(
            'drill.balls_per_station',
            2,
        );
        $this->getJson('api/drills')->assertJsonPath('own.0.drill.name', 'My own');
        $this->deleteJson("api/drills/$id")->assertNoContent();
        $this->getJson('api/drills')->assertJsonCount(0, 'own');
    }

    public function testAWholeLibraryGoesOutAndInUnchanged(): void
    {
        $file = (string) file_get_contents(base_path('core/drills/library.json'));
        $this->call(
            'POST',
            'api/drills/import',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $file,
        )->assertSuccessful();
        $sent = json_decode($file, true)['drills'];
        $back = $this->getJson('api/drills/export')->assertHeader('Content-Disposition')->json();
        self::assertSame(['amble-drills', 2], [$back['format'], $back['version']]);
        self::assertEqualsCanonicalizing($sent, $back['drills']);
    }

    /** @param array<string, mixed>|string $body */
    #[DataProvider('bad')]
    public function testABadDrillOrLibraryIsRefusedWholeAtItsField(
        string $path,
        array|string $body,
        string $field,
    ): void {
        $content = is_string($body) ? $body : json_encode($body, JSON_THROW_ON_ERROR);
        $answer = $this->call(
            'POST',
            "api/$path",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $content,
        );
        $answer->assertStatus(422)->assertJsonValidationErrors($field);
        self::assertSame(0, SavedDrill::query()->count());
    }

    /** @return iterable<string, array{string, array<string, mixed>|string, string}> */
    public static function bad(): iterable
    {
        $library = static fn(array ...$drills): array => [
            'format' => 'amble-drills',
            'version' => 1,
            'drills' => $drills,
        ];
        yield 'no drill' => ['drills', ['name' => 'x'], 'drill'];
        yield 'a drill without stations' => ['drills', ['drill' => self::drill(['stations' => []])], 'drill.stations'];
        yield 'an unknown field' => ['drills', ['drill' => self::drill(['smell' => 'grass'])], 'drill.smell'];
        yield 'a nameless drill' => ['drills', ['drill' => array_diff_key(self::drill(), ['name' => 1])], 'drill.name'];
        yield 'a key with spaces' => ['drills', ['drill' => self::drill(['key' => 'Two rungs'])], 'drills.0.key'];
        yield 'the second of a library' => [
            'drills/import',
            $library(self::drill(), self::drill(['cap' => ['balls' => 0]])),
            'drills.1.cap.balls',
        ];
        yield 'another format' => ['drills/import', ['format' => 'tunes'] + $library(self::drill()), 'format'];
        yield 'an empty library' => ['drills/import', $library(), 'drills'];
        yield 'ten megabytes' => [
            'drills/import',
            '{"format":"amble-drills","drills":[' . str_repeat('{},', 3_500_000) . '{}]}',
            'drills',
        ];
    }

    public function testADrillRunsFromItsOwnBallsAndTwiceIsOnce(): void
    {
        $run = $this->start(self::drill());
        $ball = static fn(float $roll): array => self::putt(['roll_m' => $roll, 'target_m' => 3]);
        [$a, $b] = [$ball(3.2), $ball(3.4)];
        $state = $this->log($run, [$a]);
        self::assertSame(['rolling', 1, 2], [$state['phase'], $state['balls'], $state['next']['ball']]);
        self::assertSame($state, $this->log($run, [$a]));
        // A ball of the session that is not of this run leaves it alone.
        $this->postJson("api/sessions/{$this->session->id}/events", ['events' => [$ball(9.0)]])->assertSuccessful();
        self::assertSame(1, $this->log($run, [$b])['next']['station']);
        $state = $this->log($run, [
            self::putt(['roll_m' => 4.0]),
            self::putt(['type' => 'undone', 'event_id' => $b['id']]),
        ]);
        self::assertSame(1, $state['restarts']);
        $this->getJson("api/sessions/{$this->session->id}/runs/$run")->assertJsonPath('balls', $state['balls']);
        self::assertSame(5, SessionEventRecord::query()->count());
    }

    public function testABallOfTheSessionsLogMayNameItsRun(): void
    {
        $run = $this->start(self::drill());
        $path = "api/sessions/{$this->session->id}/events";
        $this->postJson($path, ['events' => [self::putt(['roll_m' => 3.2, 'run_id' => $run])]])->assertSuccessful();
        $this->getJson("api/sessions/{$this->session->id}/runs/$run")->assertJsonPath('passes', 1);
        // A later ball of another run is not this run's last one.
        $other = $this->start(self::drill());
        $this->log($other, [self::putt(['roll_m' => 3.1])]);
        $counted = $this->getJson("api/sessions/{$this->session->id}/runs/$run")->json('counted');
        self::assertSame([SessionEventRecord::query()->orderBy('position')->value('id')], $counted);
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('run.id', $other);
        $elsewhere = $this->practiceSession($this->coach);
        $this->postJson("api/sessions/$elsewhere->id/events", [
            'events' => [self::putt(['run_id' => $run])],
        ])->assertJsonValidationErrors('events.0.run_id');
    }

    public function testStartingTwiceIsOnceAndAChangedDrillLeavesARunAlone(): void
    {
        $run = $this->start(self::drill());
        $this->start(self::drill(['name' => 'Changed']), $run);
        self::assertSame(1, PracticeRun::query()->count());
        $this->getJson("api/sessions/{$this->session->id}/runs/$run")->assertJsonPath('drill.name', 'Two rungs');
        $other = $this->practiceSession($this->coach);
        $this->getJson("api/sessions/$other->id/runs/$run")->assertNotFound();
    }

    public function testTheSameRunIsShuffledTheSameEverywhere(): void
    {
        $drill = self::drill(['order' => 'shuffled', 'on_miss' => 'nothing', 'balls_per_station' => 6]);
        $run = $this->start($drill);
        $first = $this->getJson("api/sessions/{$this->session->id}/runs/$run")->json('ahead');
        self::assertSame($first, $this->getJson("api/sessions/{$this->session->id}/runs/$run")->json('ahead'));
        self::assertCount(12, $first);
    }

    public function testBeforeStartingItTellsTheBallsToExpectAtTheStudentsOwnRate(): void
    {
        $answer = fn(): array => $this->expectation(self::drill());
        $none = $answer();
        self::assertSame([null, 'few_putts'], [$none['balls'], $none['basis']]);
        $putts = array_map(
            static fn(int $i): array => self::putt(['target_m' => 4, 'roll_m' => 4.1 + 0.4 * sin($i)]),
            range(1, 14),
        );
        $this->postJson("api/sessions/{$this->session->id}/events", ['events' => $putts])->assertSuccessful();
        $told = $answer();
        self::assertSame([14, 'rate'], [$told['putts_behind'], $told['basis']]);
        self::assertGreaterThan(4.0, $told['balls']);
        self::assertLessThanOrEqual(30.0, $told['balls_with_cap']);
        self::assertGreaterThan(0.0, $told['chance_to_finish']);
        self::assertSame(30, $told['cap']['balls']);
    }

    public function testAGroupTakesTurnsInOneRun(): void
    {
        [$ada, $bo] = [$this->student($this->coach)->id, $this->student($this->coach)->id];
        $run = (string) Str::ulid();
        $path = "api/sessions/{$this->session->id}/runs";
        $this->postJson($path, ['id' => $run, 'drill' => self::drill(), 'students' => [$ada, $bo]])->assertJsonPath(
            'turn',
            $ada,
        );
        $state = $this->log($run, [self::putt(['roll_m' => 3.2, 'student' => $ada])]);
        self::assertSame(
            [$bo, 1, 0],
            [$state['turn'], $state['students'][0]['state']['balls'], $state['students'][1]['state']['balls']],
        );
        $this->postJson("$path/$run/events", ['events' => [self::putt()]])->assertJsonValidationErrors(
            'events.0.student',
        );
        $stranger = $this->student($this->coach('other@example.test'))->id;
        $this->postJson($path, [
            'id' => (string) Str::ulid(),
            'drill' => self::drill(),
            'students' => [$stranger],
        ])->assertJsonValidationErrors('students.0');
    }

    public function testTheGateThatMeasuresBestFollowsFromTheStudentsOwnStartLine(): void
    {
        $gate = self::drill([
            'pass' => ['kind' => 'through_gate'],
            'target' => 'hole',
            'on_miss' => 'nothing',
            'balls_per_station' => 20,
            'aid' => ['kind' => 'gate', 'width_m' => 0.08, 'distance_m' => 1.0],
            'cap' => ['balls' => 40],
        ]);
        $run = $this->start($gate);
        $this->log($run, [
            [
                'id' => (string) Str::ulid(),
                'type' => 'set_out_counted',
                'at_ms' => 1,
                'item' => 'check',
                'name' => 'gate_seen',
                'count' => 1,
            ],
        ]);
        // Half through, a quarter on either side: the half-angle is 0.674 spreads.
        $this->log(
            $run,
            array_map(
                static fn(int $i): array => self::putt(['gate' => ['through', 'left', 'through', 'right'][$i % 4]]),
                range(0, 39),
            ),
        );
        $width = $this->expectation($gate)['gate_that_measures_m'];
        $half = ((0.04 - 0.021335) / 0.6745) * 0.85;
        self::assertEqualsWithDelta(2 * ($half + 0.021335), $width, 0.001);

        // Balls a group rolled here are not this student's own: they used to be counted in.
        $other = $this->student($this->coach)->id;
        $group = (string) Str::ulid();
        $path = "api/sessions/{$this->session->id}/runs";
        $this->postJson($path, ['id' => $group, 'drill' => $gate, 'students' => [$other]])->assertSuccessful();
        $this->log(
            $group,
            array_map(
                static fn(int $i): array => self::putt([
                    'gate' => $i % 2 === 0 ? 'left' : 'right',
                    'student' => $other,
                ]),
                range(0, 29),
            ),
        );
        self::assertSame($width, $this->expectation($gate)['gate_that_measures_m']);
    }

    public function testReplayFromTheShellFollowsTheContract(): void
    {
        $replay = static function (string $input): Process {
            $process = new Process([PHP_BINARY, 'artisan', 'amble:replay'], dirname(__DIR__, 2), null, $input);
            $process->run();

            return $process;
        };
        $events = [self::putt(['roll_m' => 3.2]), self::putt(['roll_m' => 2.0])];
        $done = $replay(json_encode(['drill' => self::drill(), 'events' => $events, 'seed' => 4], JSON_THROW_ON_ERROR));
        self::assertSame(0, $done->getExitCode());
        self::assertSame(1, json_decode($done->getOutput(), true)['restarts']);
        $refused = $replay(json_encode(['drill' => self::drill(['target' => 'hole'])], JSON_THROW_ON_ERROR));
        self::assertSame([2, ''], [$refused->getExitCode(), $refused->getOutput()]);
        self::assertSame('drill.pass.kind', json_decode($refused->getErrorOutput(), true)['error']['field']);
        $huge = $replay('{"drill":{"why":"' . str_repeat('x', 10_000_000) . '"}}');
        self::assertSame([2, ''], [$huge->getExitCode(), $huge->getOutput()]);
        self::assertSame('drill', json_decode($huge->getErrorOutput(), true)['error']['field']);
    }
}
