<?php

declare(strict_types=1);

namespace Tests\Attack;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use App\Actions\Import\ImportRecords;
use App\Database\DatabaseFailure;
use App\Http\ProgressStream;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\RecordImport;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Tests\TestCase;

/** A file of records made by somebody who means no good, and an import that ends before its end. */
final class ImportTest extends TestCase
{
    private const TIMES = ['created_at' => '2026-11-01 10:00:00', 'updated_at' => '2026-11-01 10:00:00'];

    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    /** @param \Closure(array<string, list<array<string, mixed>>>): array<string, list<array<string, mixed>>> $spoil */
    #[DataProvider('spoilt')]
    public function testARowThatNoFormWouldTakeIsRefusedAtItsFieldAndTheWorkspaceOpensAsBefore(
        string $field,
        \Closure $spoil,
    ): void {
        $tables = self::tables();
        $this->postJson('/api/records/preview', self::file($tables))->assertOk();
        $this->postJson('/api/records', self::file($spoil($tables)))
            ->assertUnprocessable()
            ->assertJsonValidationErrors($field);
        self::assertSame(
            [0, 0, 0, 0],
            array_map(static fn(string $table): int => DB::table($table)->count(), [
                'students',
                'practice_sessions',
                'session_events',
                'imports',
            ]),
        );
        $this->getJson('/api/today')->assertOk();
        $this->getJson('/api/calendar?from=2026-11-30&days=7&zone=UTC')->assertOk()->assertJsonPath('unreadable', []);
    }

    /** @return iterable<string, array{string, \Closure}> */
    public static function spoilt(): iterable
    {
        $set = static fn(string $table, array $fields): \Closure => static fn(array $tables): array => [
            $table => [$fields + $tables[$table][0]],
        ] + $tables;
        $values = [
            ['green_speed_measurements', 'method', 'x'],
            ['green_speed_measurements', 'warnings', 'none'],
            ['green_speed_measurements', 'warnings.0', [7]],
            ['green_speed_measurements', 'speed_m', 9e9],
            ['green_speed_measurements', 'is_level', null],
            ['bookings', 'minutes', 9_000_000_000_000_000],
            ['bookings', 'minutes', 0],
            ['bookings', 'rule', 'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30'],
            ['bookings', 'zone', 'Nowhere'],
            ['bookings', 'starts', 'soon'],
            ['bookings', 'skipped.0', ['soon']],
            ['bookings', 'travel_minutes', 100_000],
            ['students', 'hand', 'both'],
            ['students', 'finish_past_m', 900.5],
            ['students', 'tempo_bpm', 9],
            ['students', 'name', null],
            ['students', 'name', str_repeat('a', 81)],
            ['students', 'about.handicap', ['handicap' => 'scratch']],
            ['students', 'current_goals.focuses', ['focuses' => 7]],
            ['practice_sessions', 'minutes', -3],
            ['practice_sessions', 'plan.minutes', ['minutes' => 'many']],
            ['practice_sessions', 'started_at', '9999-01-01 00:00:00'],
            ['practice_sessions', 'started_at', '2026-02-30 00:00:00'],
            ['practice_sessions', 'started_at', null],
            ['session_events', 'at_ms', -1],
            ['session_events', 'payload.roll_m', ['roll_m' => 900]],
            ['drill_runs', 'seed', -1],
            ['drill_runs', 'students', 'all'],
            ['rounds', 'holes.0.putts', [['putts' => 900]]],
            ['putters', 'length_m', 30],
            ['take_home_cards', 'home_days', 8],
            ['homework_entries', 'kind', 'shout'],
            ['guesses', 'called_aim_m', 1e9],
            ['length_sets', 'lengths_m.0', [-4]],
            ['benchmarks', 'value', -1],
        ];
        foreach ($values as $i => [$table, $field, $value]) {
            yield "$i $table.$field" => ["tables.$table.0.$field", $set($table, [explode('.', $field)[0] => $value])];
        }
        yield 'a ball’s id in small letters' => [
            'tables.session_events.0.id',
            static fn(array $tables): array => $set('session_events', [
                'id' => strtolower((string) $tables['session_events'][0]['id']),
            ])($tables),
        ];
        yield 'the same twice' => [
            'tables.greens',
            static fn(array $tables): array => ['greens' => [$tables['greens'][0], $tables['greens'][0]]] + $tables,
        ];
    }

    public function testNoIdInAFilePointsIntoAnotherWorkspaceOrNowhere(): void
    {
        $other = $this->coach('other@example.test');
        $theirs = $this->student($other);
        $session = $this->practiceSession($other, $theirs);
        $tables = self::tables();
        $points = [
            'tables.session_events.0.payload.student' => [
                'session_events',
                ['payload' => ['student' => $theirs->id] + $tables['session_events'][0]['payload']],
            ],
            'tables.session_events.0.payload.run_id' => [
                'session_events',
                ['payload' => ['run_id' => (string) Str::ulid()] + $tables['session_events'][0]['payload']],
            ],
            'tables.session_events.0.practice_session_id' => [
                'session_events',
                ['practice_session_id' => $session->id],
            ],
            'tables.drill_runs.0.students.0' => ['drill_runs', ['students' => [$theirs->id]]],
            'tables.practice_sessions.0.student_id' => ['practice_sessions', ['student_id' => $theirs->id]],
            'tables.bookings.0.student_id' => [
                'bookings',
                ['student_id' => strtolower((string) $tables['students'][0]['id'])],
            ],
        ];
        foreach ($points as $field => [$table, $fields]) {
            $this->postJson('/api/records', self::file([$table => [$fields + $tables[$table][0]]] + $tables))
                ->assertUnprocessable()
                ->assertJsonValidationErrors($field);
        }
        $joins = [
            'id' => (string) Str::ulid(),
            'practice_session_id' => $tables['practice_sessions'][0]['id'],
            'type' => 'run_joined',
            'version' => 1,
            'payload' => ['run_id' => $tables['drill_runs'][0]['id'], 'student' => $theirs->id, 'is_in' => true],
            'at_ms' => 1_793_527_200_000,
            'recorded_at' => '2026-11-01 10:00:00',
        ];
        $this->postJson('/api/records', self::file(['session_events' => [$joins]] + $tables))
            ->assertUnprocessable()
            ->assertJsonValidationErrors('tables.session_events.0.payload.student');
        self::assertSame(1, DB::table('students')->count());
    }

    public function testAnImportAppearsWholeTellsHowFarItIsAndLeavesNothingWhereItWasCutOff(): void
    {
        $file = JsonInput::parse(json_encode(self::file(self::tables()), JSON_THROW_ON_ERROR));
        $import = fn(): \Generator => app(ImportRecords::class)->run($this->coach, $file, false);
        $rows = static fn(): array => array_map(static fn(string $table): int => DB::table($table)->count(), [
            'students',
            'practice_sessions',
            'session_events',
            'balls',
            'bookings',
            'imports',
            'workspaces',
        ]);
        $before = $rows();

        // Cut off after each step in turn, as where whoever asked has gone.
        for ($cut = 1; ; ++$cut) {
            $run = $import();
            for ($step = 1; $step < $cut; ++$step) {
                $run->next();
            }
            $run->valid();
            if (PracticeSession::query()->where('workspace_id', $this->coach->workspace_id)->exists()) {
                break;
            }
            $this->getJson('/api/today')->assertOk()->assertJsonPath('sessions', [])->assertJsonPath('students', []);
            unset($run);
            self::assertSame($before, $rows(), "cut off at step $cut");
        }
        self::assertGreaterThan(8, $cut);
        self::assertSame([1, 1, 1, 1, 1, 0, $before[6]], $rows());
        $this->getJson('/api/today')->assertJsonCount(1, 'sessions')->assertJsonPath('students.0.name', 'Ana Lund');
    }

    public function testWhatHangsOnAStudentWhoIsThereAppearsWithTheRestToo(): void
    {
        $tables = self::tables();
        $this->postJson(
            '/api/records',
            self::file(array_intersect_key($tables, ['students' => 0, 'greens' => 0])),
        )->assertOk();
        $student = (string) $tables['students'][0]['id'];
        $hangs = [
            'practice_sessions',
            'balls',
            'rounds',
            'putters',
            'take_home_cards',
            'bookings',
            'homework_entries',
            'guesses',
        ];
        $seen = static fn(): array => array_map(
            static fn(string $table): int => DB::table($table)->where('student_id', $student)->count(),
            $hangs,
        );
        $run = app(ImportRecords::class)->run(
            $this->coach,
            JsonInput::parse(json_encode(self::file($tables), JSON_THROW_ON_ERROR)),
            false,
        );
        $steps = 0;
        while (
            $run->valid() &&
            !PracticeSession::query()->where('workspace_id', $this->coach->workspace_id)->exists()
        ) {
            self::assertSame(array_fill(0, count($hangs), 0), $seen(), "step $steps");
            self::assertSame(0, DB::table('green_speed_measurements')->count(), "step $steps");
            $this->getJson("/api/students/$student/review")->assertOk();
            $run->next();
            ++$steps;
        }
        self::assertGreaterThan(3, $steps);
        self::assertSame(array_fill(0, count($hangs), 1), $seen());
        self::assertSame(
            [1, 1],
            [
                DB::table('session_events')->count(),
                DB::table('drill_runs')->where('workspace_id', $this->coach->workspace_id)->count(),
            ],
        );
        self::assertNotSame(
            [],
            $this->getJson("/api/students/$student/review")
                ->assertOk()
                ->json('balls'),
        );
    }

    public function testOneThatWasKilledIsTakenBackByTheNextAndOneUnderWayIsWaitedFor(): void
    {
        $file = JsonInput::parse(json_encode(self::file(self::tables()), JSON_THROW_ON_ERROR));
        $killed = app(ImportRecords::class)->run($this->coach, $file, false);
        while ($killed->valid() && DB::table('session_events')->count() === 0) {
            $killed->next();
        }
        self::assertSame(1, RecordImport::query()->count());
        try {
            iterator_count(app(ImportRecords::class)->run($this->coach, $file, false));
            self::fail('Two at once.');
        } catch (InvalidInput $refused) {
            self::assertStringContainsString('Another import is running', $refused->getMessage());
        }
        $this->travel(3)->minutes();
        iterator_count(app(ImportRecords::class)->run($this->coach, $file, false));
        self::assertSame(
            [0, 1, 1],
            [
                RecordImport::query()->count(),
                DB::table('practice_sessions')->count(),
                DB::table('session_events')->count(),
            ],
        );
        $this->artisan('amble:forget')->assertSuccessful();
    }

    public function testTheStreamTellsProgressAndEndsWithWhatAnyAnswerSays(): void
    {
        $lines = fn(array $file): array => array_map(
            static fn(string $line): array => (array) json_decode($line, true, 16, JSON_THROW_ON_ERROR),
            explode(
                "\n",
                trim(
                    $this->json('POST', '/api/records/preview', $file, ['Accept' => ProgressStream::TYPE])
                        ->assertOk()
                        ->streamedContent(),
                ),
            ),
        );
        $told = $lines(self::file(self::tables()));
        self::assertSame(['reading', 'checking'], array_values(array_unique(array_column($told, 'phase'))));
        self::assertSame(
            $this->postJson('/api/records/preview', self::file(self::tables()))->json(),
            $told[count($told) - 1]['result'],
        );
        // What is found out later than the answer began is said as any refusal is.
        $late = $lines(
            self::file(['students' => [['hand' => 'both'] + self::tables()['students'][0]]] + self::tables()),
        );
        self::assertSame(['tables.students.0.hand'], array_keys($late[count($late) - 1]['errors']));
        // What cannot be read at all is refused before.
        $this->json(
            'POST',
            '/api/records',
            ['format' => 'other'],
            ['Accept' => ProgressStream::TYPE],
        )->assertUnprocessable();
    }

    public function testALockedDatabaseIsABusyServerAndAFullDiskSaysSo(): void
    {
        $answer = static fn(string $said): \RuntimeException => DatabaseFailure::of(new \PDOException($said));
        $busy = $answer('SQLSTATE[HY000]: General error: 5 database is locked');
        self::assertInstanceOf(HttpException::class, $busy);
        self::assertSame([503, 1], [$busy->getStatusCode(), $busy->getHeaders()['Retry-After']]);
        $full = $answer('SQLSTATE[HY000]: General error: 13 database or disk is full');
        self::assertInstanceOf(HttpException::class, $full);
        self::assertSame(507, $full->getStatusCode());
        self::assertNotInstanceOf(
            HttpException::class,
            $answer('SQLSTATE[HY000]: General error: 1 no such table: locks'),
        );
    }

    /**
     * @param array<string, list<array<string, mixed>>> $tables
     *
     * @return array<string, mixed>
     */
    private static function file(array $tables): array
    {
        return [
            'format' => 'amble-records',
            'version' => 2,
            'of' => 'workspace',
            'name' => 'Other',
            'made_at' => '2026-11-01T10:00:00Z',
            'tables' => $tables,
        ];
    }

    /** @return array<string, list<array<string, mixed>>> one record of each kind that an attack was tried on */
    private static function tables(): array
    {
        [$student, $green, $session, $run, $id] = array_map(
            static fn(string $end): string => "01M8SFQKK18A26J64VC6T7JX$end",
            ['AA', 'AB', 'AC', 'AD', 'AE'],
        );

        return [
            'students' => [
                [
                    'id' => $student,
                    'name' => 'Ana Lund',
                    'hand' => 'right',
                    'level' => 'club',
                    'unit' => 'feet',
                    'finish_past_m' => 0.3,
                    'school' => 'rule',
                    'is_gentle' => false,
                ] + self::TIMES,
            ],
            'greens' => [['id' => $green, 'name' => 'Far lawn', 'surface' => 'grass'] + self::TIMES],
            'practice_sessions' => [
                [
                    'id' => $session,
                    'student_id' => $student,
                    'green_id' => $green,
                    'minutes' => 30,
                    'started_at' => '2026-11-01 10:00:00',
                    'ended_at' => null,
                ] + self::TIMES,
            ],
            'green_speed_measurements' => [
                [
                    'id' => $id,
                    'green_id' => $green,
                    'practice_session_id' => $session,
                    'method' => 'ramp',
                    'entries' => ['direction_1_m' => [2.8, 2.9], 'direction_2_m' => [2.7]],
                    'speed_m' => 2.8,
                    'standard_error_m' => 0.1,
                    'is_level' => false,
                    'warnings' => [],
                    'taken_at' => '2026-11-01 10:05:00',
                ] + self::TIMES,
            ],
            'drill_runs' => [
                [
                    'id' => $run,
                    'practice_session_id' => $session,
                    'definition' => Endpoints::drill(),
                    'seed' => 1,
                    'students' => [],
                ] + self::TIMES,
            ],
            'session_events' => [
                [
                    'id' => $id,
                    'practice_session_id' => $session,
                    'type' => 'putt_logged',
                    'version' => 2,
                    'payload' => [
                        'backstroke_m' => 0.2,
                        'roll_m' => 3.0,
                        'target_m' => 3.0,
                        'stop' => 'free',
                        'seen' => new \stdClass(),
                    ],
                    'at_ms' => 1_793_527_200_000,
                    'recorded_at' => '2026-11-01 10:00:00',
                ],
            ],
            'length_sets' => [
                ['id' => $id, 'name' => 'Three', 'lengths_m' => [3.0, 6.0], 'said' => '3, 6'] + self::TIMES,
            ],
            'rounds' => [
                [
                    'id' => $id,
                    'student_id' => $student,
                    'played_on' => '2026-11-01 00:00:00',
                    'is_from_memory' => false,
                    'holes' => [['first_m' => 4.0, 'putts' => 2]],
                ] + self::TIMES,
            ],
            'benchmarks' => [
                ['id' => $id, 'figure' => 'putts_per_18', 'value' => 33.0, 'source' => 'Counted'] + self::TIMES,
            ],
            'take_home_cards' => [
                ['id' => $id, 'student_id' => $student, 'home_task' => 'Mat', 'home_days' => 3] + self::TIMES,
            ],
            'putters' => [['id' => $id, 'student_id' => $student, 'name' => 'Old'] + self::TIMES],
            'bookings' => [
                [
                    'id' => $id,
                    'student_id' => $student,
                    'green_id' => $green,
                    'uid' => 'one@elsewhere',
                    'starts' => '2026-12-03 10:00',
                    'zone' => 'UTC',
                    'minutes' => 720,
                    'travel_minutes' => 0,
                    'rule' => 'FREQ=DAILY;COUNT=3',
                    'skipped' => [],
                ] + self::TIMES,
            ],
            'homework_entries' => [
                [
                    'id' => $id,
                    'student_id' => $student,
                    'kind' => 'question',
                    'at_ms' => 1_793_527_200_000,
                    'text' => 'On a carpet too?',
                ] + self::TIMES,
            ],
            'guesses' => [
                [
                    'id' => $id,
                    'student_id' => $student,
                    'putt' => [
                        'length_m' => 4.0,
                        'speed_m' => 3.0,
                        'pace_m' => 0.3,
                        'pace_point_m' => null,
                        'slope' => ['by' => 'grades', 'along_percent' => 1.0, 'across_percent' => -2.0],
                        'tier' => null,
                        'grain' => null,
                    ],
                    'called_aim_m' => 0.2,
                    'called_plays_m' => 4.0,
                ] + self::TIMES,
            ],
        ];
    }
}
