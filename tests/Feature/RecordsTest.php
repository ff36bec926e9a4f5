<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Numeric\SeededRandom;
use App\Actions\CloseAccount;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\RecordChange;
use App\Models\Student;
use App\Reports\RecordTables;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Attack\Endpoints;
use Tests\TestCase;

/** Everything that was entered: out, in again to the same state, and gone for good. */
final class RecordsTest extends TestCase
{
    private Coach $coach;
    private Student $ana;
    private Student $ben;
    private PracticeSession $shared;
    private PracticeSession $benOnly;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
        [$this->ana, $this->ben] = [$this->named('Ana Lund'), $this->named('Ben Okafor')];
        $green = $this->green($this->coach);
        $own = $this->practiceSession($this->coach, $this->ana, $green);
        $this->shared = $this->practiceSession($this->coach, $this->ana, $green);
        $this->putJson("/api/sessions/$own->id/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'ramp',
            'direction_1_m' => [3.0, 3.1],
            'direction_2_m' => [2.9, 3.0],
        ])->assertSuccessful();
        $given = (string) Str::ulid();
        $wrong = (string) Str::ulid();
        $this->log($own, [
            self::event('station_set', [
                'station_id' => 'a',
                'length_m' => 3.0,
                'said' => '3 m',
                'across_percent' => 1.5,
            ]),
            ...array_map(
                static fn(int $i): array => self::putt(['backstroke_m' => 0.2 + 0.02 * $i, 'roll_m' => 2.0 + 0.3 * $i]),
                range(1, 8),
            ),
        ]);
        $this->log($this->shared, [
            self::event('company_noted', ['student' => $this->ben->id, 'standing' => 'here']),
            self::putt(['roll_m' => 3.3]),
            self::putt(['id' => $given, 'roll_m' => 3.4]),
            self::putt(['student' => $this->ben->id, 'roll_m' => 2.7]),
            self::putt(['id' => $wrong, 'student' => $this->ben->id, 'roll_m' => 2.8]),
            self::event('putt_given', ['putt_id' => $given, 'student' => $this->ben->id]),
            self::event('undone', ['event_id' => $wrong]),
        ]);
        $this->shared->runs()->create([
            'id' => (string) Str::ulid(),
            'coach_id' => $this->coach->id,
            'workspace_id' => $this->coach->workspace_id,
            'definition' => json_encode(Endpoints::drill(), JSON_THROW_ON_ERROR),
            'seed' => 1,
            'students' => [$this->ana->id, $this->ben->id],
        ]);
        $this->postJson("/api/students/{$this->ana->id}/rounds", [
            'id' => (string) Str::ulid(),
            'played_on' => '2026-11-01',
            'place' => 'Away',
            'is_from_memory' => false,
            'holes' => [['first_m' => 5.0, 'putts' => 2, 'leave_m' => 0.4, 'side' => null, 'is_extreme' => false]],
        ])->assertSuccessful();
        $this->postJson("/api/students/{$this->ben->id}/quiz", [
            'id' => (string) Str::ulid(),
            'aim_m' => 0.0,
            'plays_m' => 4.3,
            'putt' => [
                'length_m' => 4.0,
                'speed_m' => 3.0,
                'pace_m' => 0.3,
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0],
            ],
        ])->assertJsonPath('is_right', true);
        $this->postJson("/api/students/{$this->ana->id}/putters", [
            'id' => (string) Str::ulid(),
            'name' => 'Blade',
        ])->assertSuccessful();
        $this->postJson("/api/greens/$green->id/reads", [
            'id' => (string) Str::ulid(),
            'name' => 'Left',
            'putt' => [
                'length_m' => 4.0,
                'speed_m' => 3.0,
                'pace_m' => 0.3,
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 1.0],
            ],
        ])->assertSuccessful();
    }

    private function named(string $name): Student
    {
        return Student::query()->findOrFail(
            $this->postJson('/api/students', self::studentCard(['name' => $name]))->json('id'),
        );
    }

    /** @param array<string, mixed> $fields */
    private static function event(string $type, array $fields): array
    {
        return ['id' => (string) Str::ulid(), 'at_ms' => 1_763_979_000_000, 'type' => $type] + $fields;
    }

    /** @param list<array<string, mixed>> $events */
    private function log(PracticeSession $session, array $events): void
    {
        $this->postJson("/api/sessions/$session->id/events", ['events' => $events])->assertSuccessful();
    }

    /** @return array<string, mixed> */
    private function look(Student $student): array
    {
        return (array) $this->getJson("/api/students/$student->id/review")
            ->assertOk()
            ->json();
    }

    /** A column added to a table goes out with it, or is named here with the reason why it stays. */
    public function testEveryColumnGoesOutOrIsKnownToStay(): void
    {
        $stays = [
            // Whose it is, here; and what is made up is never told.
            '*' => ['id', 'workspace_id', 'coach_id', 'logged_by', 'is_simulated', 'position'],
            // Folded from the log.
            'practice_sessions' => [
                'conditions',
                'stations',
                'dismissed_insights',
                'chosen_measurement_id',
                'group_members',
                'during',
                'kit_out',
                'latest_ms',
                'balls_version',
            ],
            'drill_runs' => ['is_ended'],
            'guesses' => ['is_right'],
            // Worked out from the rule.
            'bookings' => ['last_at'],
            // A link is told once and opens nothing elsewhere.
            'take_home_cards' => ['link_hash', 'link_until'],
        ];
        foreach (RecordTables::TABLES as $table => $columns) {
            $kept = array_diff(
                Schema::getColumnListing($table),
                array_keys($columns),
                $stays['*'],
                $stays[$table] ?? [],
            );
            self::assertSame([], array_values($kept), $table);
        }
    }

    /** A file from before a column was there is taken as ever. */
    public function testAFileOfAnEarlierVersionIsStillRead(): void
    {
        $id = (string) Str::ulid();
        $session = [
            'id' => $id,
            'student_id' => null,
            'green_id' => null,
            'started_at' => '2026-11-01 10:00:00',
            'created_at' => '2026-11-01 10:00:00',
            'updated_at' => '2026-11-01 10:00:00',
        ];
        $this->postJson('/api/records', [
            'format' => 'amble-records',
            'version' => 2,
            'tables' => ['practice_sessions' => [$session]],
        ])->assertSuccessful();
        self::assertFalse(PracticeSession::query()->findOrFail($id)->is_home);
    }

    public function testAWorkspaceGoesOutAndComesBackIdentical(): void
    {
        $file = $this->getJson('/api/records')->assertOk()->json();
        $before = $this->look($this->ana);
        (new CloseAccount($this->coach))->close();
        self::assertSame(0, DB::table('session_events')->count());

        $this->actingAs($this->coach('other@example.test'));
        $this->postJson('/api/records/preview', $file)->assertOk();
        self::assertSame(0, DB::table('session_events')->count());
        $counts = array_column($this->postJson('/api/records', $file)->assertOk()->json(), 'new', 'table');
        self::assertSame(
            [2, 2, 16, 1],
            [$counts['students'], $counts['practice_sessions'], $counts['session_events'], $counts['saved_reads']],
        );
        self::assertEquals($file['tables'], $this->getJson('/api/records')->json('tables'));
        self::assertEquals($before, $this->look($this->ana));
        self::assertSame(1, DB::table('guesses')->where('is_right', true)->count());

        // Twice adds nothing.
        $again = $this->postJson('/api/records', $file)->assertOk()->json();
        self::assertSame([0], array_values(array_unique(array_column($again, 'new'))));
        self::assertEquals($file['tables'], $this->getJson('/api/records')->json('tables'));
    }

    /** Whatever was entered through whichever doors, in whatever order: out, gone, and in again it is the same. */
    #[DataProvider('seeds')]
    public function testAWorkspaceOfAnythingComesBackIdentical(int $seed): void
    {
        $random = new SeededRandom($seed);
        $endpoints = new Endpoints($this->coach, self::studentCard());
        // Endpoints of accounts, and those that throw away for good, are no entries of a workspace.
        $entries = array_filter(
            $endpoints->bodies(),
            static fn(string $door): bool => !preg_match(
                '#sign|demo|forgotten|api/me|records|for-good|calendar/feed|walk-along|elsewhere|/letter#',
                $door,
            ),
            ARRAY_FILTER_USE_KEY,
        );
        $order = [];
        foreach (array_keys($entries) as $door) {
            $order[$door] = $random->uniform();
        }
        asort($order);
        $taken = 0;
        foreach (array_slice(array_keys($order), 0, 60) as $door) {
            $taken += $this->actingAs($this->coach)
                ->json(explode(' ', $door)[0], $endpoints->path($door), $entries[$door])
                ->isSuccessful()
                ? 1
                : 0;
        }
        self::assertGreaterThan(25, $taken);
        $file = $this->getJson('/api/records')->assertOk()->json();
        (new CloseAccount($this->coach))->close();

        $this->actingAs($this->coach('other@example.test'));
        $this->postJson('/api/records', $file)->assertOk();
        self::assertEquals($file['tables'], $this->getJson('/api/records')->json('tables'));
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, (int) (getenv('AMBLE_SEEDS') ?: 5)) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    public function testASessionPutAwayComesBackWithinThirtyDaysAndIsThenGone(): void
    {
        $balls = DB::table('session_events')->where('practice_session_id', $this->shared->id)->count();
        $this->deleteJson("/api/sessions/{$this->shared->id}")->assertNoContent();
        $this->travel(29)->days();
        $this->artisan('amble:forget')->assertSuccessful();
        $until = $this->actingAs($this->coach)->getJson('/api/deleted')->assertOk()->json('sessions.0.back_until');
        self::assertSame(now()->addDay()->toDateString(), substr((string) $until, 0, 10));
        $this->postJson("/api/sessions/{$this->shared->id}/restore")->assertOk();
        self::assertSame($balls, DB::table('session_events')->where('practice_session_id', $this->shared->id)->count());
        $this->deleteJson("/api/sessions/{$this->shared->id}")->assertNoContent();
        $this->travel(31)->days();
        $this->artisan('amble:forget')->assertSuccessful();
        self::assertSame(0, DB::table('session_events')->where('practice_session_id', $this->shared->id)->count());
        self::assertSame([], $this->actingAs($this->coach)->getJson('/api/deleted')->json('sessions'));
        // What was not put away stays.
        self::assertNotSame(0, DB::table('session_events')->count());
    }

    public function testRecordsGoThirtyDaysAfterTheirDayIfNoLaterOneIsSetAndTheWorkspaceSaysSoUntilThen(): void
    {
        $card = "/api/students/{$this->ana->id}/profile";
        $asked = fn(): array => $this->actingAs($this->coach)
            ->getJson('/api/today')
            ->assertOk()
            ->json('past_retention');
        $until = now()->addDays(3)->toDateString();
        $this->putJson($card, ['keep_until' => $until])->assertOk();
        self::assertSame([], $asked());
        $this->travel(4)->days();
        self::assertSame([$this->ana->id], array_column($asked(), 'student_id'));
        self::assertStringContainsString(
            $asked()[0]['says'],
            (string) json_encode(
                $this->getJson("/api/students/{$this->ana->id}/reminders")->json(),
                JSON_UNESCAPED_UNICODE,
            ),
        );
        $this->travel(28)->days();
        $this->artisan('amble:forget')->assertSuccessful();
        self::assertTrue(Student::query()->whereKey($this->ana->id)->exists(), 'not before it was said');

        // A later day: nothing goes. Then it comes, for somebody put away as well.
        $this->actingAs($this->coach)
            ->putJson($card, ['keep_until' => now()->addDay()->toDateString()])
            ->assertOk();
        $this->travel(5)->days();
        $this->artisan('amble:forget')->assertSuccessful();
        $this->actingAs($this->coach)
            ->deleteJson("/api/students/{$this->ana->id}")
            ->assertNoContent();
        $this->travel(26)->days();
        $this->artisan('amble:forget')->expectsOutputToContain('students 1')->assertSuccessful();
        self::assertFalse(Student::withTrashed()->whereKey($this->ana->id)->exists());
        self::assertSame(0, DB::table('balls')->where('student_id', $this->ana->id)->count());
        self::assertNotSame(
            0,
            DB::table('balls')->where('student_id', $this->ben->id)->count(),
            'what was rolled with others stays theirs',
        );
    }

    public function testACardThatCannotBeReadIsNamedAndHoldsUpNobodyElses(): void
    {
        Student::query()
            ->whereKey($this->ana->id)
            ->update(['about' => json_encode(['handicap' => 'scratch'])]);
        $this->actingAs($this->coach)
            ->putJson("/api/students/{$this->ben->id}/profile", ['keep_until' => now()->subDays(31)->toDateString()])
            ->assertOk();
        $this->artisan('amble:forget')
            ->expectsOutputToContain('students 1')
            ->expectsOutputToContain("student {$this->ana->id} cannot be read")
            ->assertFailed();
        self::assertSame(
            [$this->ana->id],
            Student::withTrashed()
                ->whereKey([$this->ana->id, $this->ben->id])
                ->pluck('id')
                ->all(),
        );
    }

    public function testNothingOfAMinorLeavesTheWorkspaceBeforeAGuardiansWordIsNoted(): void
    {
        $card = "/api/students/{$this->ana->id}/profile";
        $link = $this->postJson("/api/students/{$this->ana->id}/take-home-card/link", ['days' => 7])
            ->assertOk()
            ->json('link');
        $this->getJson("/api/pocket/$link")->assertOk();
        $this->putJson($card, ['is_minor' => true, 'email' => 'ana@example.test'])->assertOk();
        $this->getJson("/api/pocket/$link")->assertNotFound();
        $this->postJson("/api/students/{$this->ana->id}/take-home-card/link", [
            'days' => 7,
        ])->assertJsonValidationErrors(['days' => 'guardian']);
        config([
            'amble.sends_mail' => true,
            'mail.default' => 'array',
            'mail.mailers.array' => ['transport' => 'array'],
        ]);
        $booking = $this->postJson('/api/bookings', [
            'id' => (string) Str::ulid(),
            'student_id' => $this->ana->id,
            'starts' => '2026-12-03 10:00',
            'zone' => 'Europe/Zurich',
            'minutes' => 45,
        ])
            ->assertSuccessful()
            ->json('id');
        $this->postJson("/api/bookings/$booking/message", [])->assertJsonValidationErrors(['email' => 'guardian']);
        $this->putJson($card, [
            'is_minor' => true,
            'email' => 'ana@example.test',
            'consent' => 'Her mother, today',
        ])->assertOk();
        $this->getJson("/api/pocket/$link")->assertOk();
        $this->postJson("/api/bookings/$booking/message", [])
            ->assertOk()
            ->assertJsonPath('to', 'ana@example.test');
    }

    public function testAStudentGoesForGoodAndComesBackFromTheirFileWithNothingOfOthers(): void
    {
        $this->patchJson("/api/sessions/{$this->shared->id}", [
            'note_for_next' => 'Quieter hands',
            'note_for_student' => 'Well rolled',
            'purpose' => 'Her pace',
        ])->assertOk();
        $this->log($this->benOnly = $this->practiceSession($this->coach, $this->ben), [
            self::event('check_tried', [
                'check' => 'aim',
                'student' => $this->ana->id,
                'answers' => ['offset_m' => 0.01, 'at_m' => 2, 'by' => 'mirror'],
            ]),
        ]);
        $file = $this->getJson("/api/students/{$this->ana->id}/records")
            ->assertOk()
            ->json();
        self::assertContains($this->benOnly->id, array_column($file['tables']['practice_sessions'], 'id'));
        $text = json_encode($file, JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('Ben Okafor', $text);
        self::assertStringNotContainsString('"roll_m":2.7', $text);
        self::assertStringNotContainsString('"roll_m":3.4', $text);
        [$ana, $ben] = [$this->look($this->ana), $this->look($this->ben)];

        self::assertSame(
            ['sessions' => 1, 'shared_sessions' => 2, 'balls' => 9, 'rounds' => 1, 'putters' => 1, 'guesses' => 0],
            array_diff_key(
                (array) $this->getJson("/api/students/{$this->ana->id}/deletion-preview")
                    ->assertOk()
                    ->json(),
                ['named_in' => 0],
            ),
        );
        $this->deleteJson("/api/students/{$this->ana->id}/permanently", ['name' => 'Ana'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('name');
        $this->deleteJson("/api/students/{$this->ana->id}/permanently", ['name' => 'Ana Lund'])->assertNoContent();
        // Devices that were away are told the ids, and nothing else.
        $erased = (array) $this->getJson('/api/me')->assertOk()->json('erased');
        self::assertContains($this->ana->id, $erased);
        self::assertCount(2, $erased);
        foreach (
            [
                'students',
                'session_events',
                'balls',
                'rounds',
                'putters',
                'drill_runs',
                'practice_sessions',
                'check_attempts',
                'findings',
                'stroke_summaries',
                'prepared_sessions',
            ]
            as $table
        ) {
            self::assertStringNotContainsString($this->ana->id, (string) json_encode(DB::table($table)->get()), $table);
        }
        self::assertStringNotContainsString(
            'Quieter hands',
            (string) json_encode([DB::table('changes')->get(), DB::table('practice_sessions')->get()]),
        );
        self::assertSame(0, DB::table('session_events')->where('payload', 'like', '%"roll_m":3.3%')->count());
        // What the session was for was said of her.
        self::assertSame(
            [null, null, null, null],
            array_values(
                (array) DB::table('practice_sessions')
                    ->where('id', $this->shared->id)
                    ->first(['student_id', 'purpose', 'note_for_student', 'note_for_next']),
            ),
        );
        // Ben keeps the ball he rolled and the one he was given; the one taken back stays so.
        self::assertEquals($ben, $this->look($this->ben));
        self::assertCount(
            2,
            $this->getJson("/api/sessions/{$this->shared->id}")
                ->assertOk()
                ->json('putts'),
        );

        $this->postJson('/api/records', $file)->assertOk();
        self::assertSame([], $this->getJson('/api/me')->json('erased'));
        self::assertEquals($ana, $this->look($this->ana));
        self::assertEquals($ben, $this->look($this->ben));
        self::assertSame(9, DB::table('balls')->where('student_id', $this->ana->id)->count());
    }

    public function testErasingSaysWhereTheNameStaysInNotesOfOthers(): void
    {
        $this->ana->update(['name' => 'Änna Lund']);
        $named = fn(): array => (array) $this->getJson("/api/students/{$this->ana->id}/deletion-preview")
            ->assertOk()
            ->json('named_in');
        self::assertSame(['places' => [], 'count' => 0], $named());
        $ben = $this->practiceSession($this->coach, $this->ben);
        $ben->update(['note_for_next' => 'Rolls better beside änna than alone', 'started_at' => '2026-11-03 10:00:00']);
        // Another word that has the name in it is none, and what is theirs goes with them.
        $this->practiceSession($this->coach, $this->ben)->update(['note_for_next' => 'Ask Hännasson']);
        $this->practiceSession($this->coach, $this->ana)->update(['note_for_next' => 'Änna is tired']);
        $this->putJson("/api/students/{$this->ben->id}/current-goals", [
            'complaint' => 'Not as long as Änna Lund',
            'about' => 'pace',
            'goal' => null,
            'focuses' => [],
            'faults' => [],
        ])->assertOk();
        $this->log($ben, [
            self::event('note_set_aside', [
                'key' => 'pace.habit',
                'evidence' => 'x',
                'reason' => 'Änna stood in the way',
                'is_aside' => true,
            ]),
        ]);
        self::assertSame(
            [
                ['where' => 'Notes of the session on 3 November 2026', 'text' => 'Rolls better beside änna than alone'],
                ['where' => 'Profile of Ben Okafor', 'text' => 'Not as long as Änna Lund; pace'],
                ['where' => 'Log of the session on 3 November 2026', 'text' => 'pace.habit; x; Änna stood in the way'],
            ],
            $named()['places'],
        );
        $this->actingAs($this->coach('other@example.test'));
        self::assertSame(0, $this->getJson('/api/me/deletion-preview')->assertOk()->json('named_in.count'));
    }

    public function testAnotherWorkspacesRecordsAreNeitherTakenNorShown(): void
    {
        $file = $this->getJson('/api/records')->json();
        $this->actingAs($this->coach('other@example.test'));
        $this->postJson('/api/records', $file)->assertUnprocessable()->assertJsonValidationErrors('tables.students');
        $this->getJson("/api/students/{$this->ana->id}/records")->assertNotFound();
        $this->getJson("/api/students/{$this->ana->id}/records.zip")->assertNotFound();
        $this->deleteJson("/api/students/{$this->ana->id}/permanently", ['name' => 'Ana Lund'])->assertNotFound();
        self::assertCount(0, $this->getJson('/api/records')->json('tables.students'));
    }

    public function testAFileWithOneBadRowIsRefusedAtItsFieldAndNothingIsTaken(): void
    {
        $file = $this->getJson('/api/records')->json();
        (new CloseAccount($this->coach))->close();
        $this->actingAs($this->coach('other@example.test'));
        foreach (
            [
                'format' => static fn(array $file): array => ['format' => 'other'] + $file,
                'tables.students.1.hand' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['students' => [1 => ['hand' => 7]]],
                ]),
                'tables.students.0.id' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['students' => [['id' => 'me']]],
                ]),
                'tables.students.0.is_admin' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['students' => [['is_admin' => true]]],
                ]),
                'tables.rounds.0.student_id' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['rounds' => [['student_id' => (string) Str::ulid()]]],
                ]),
                'tables.greens.0.created_at' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['greens' => [['created_at' => 'soon']]],
                ]),
                'tables.students.0.level' => static fn(array $file): array => array_replace_recursive($file, [
                    'tables' => ['students' => [['level' => 'champion']]],
                ]),
                'tables.session_events.1.payload.roll_m' => static fn(array $file): array => array_replace_recursive(
                    $file,
                    ['tables' => ['session_events' => [1 => ['payload' => ['roll_m' => 'far']]]]],
                ),
            ]
            as $field => $spoil
        ) {
            $this->postJson('/api/records', $spoil($file))->assertUnprocessable()->assertJsonValidationErrors($field);
            self::assertSame(
                [0, 0, 0],
                [DB::table('students')->count(), DB::table('greens')->count(), DB::table('session_events')->count()],
                $field,
            );
        }
    }

    public function testWhatNoScreenCouldShowIsNotKept(): void
    {
        $times = ['created_at' => '2026-11-01 10:00:00', 'updated_at' => '2026-11-01 10:00:00'];
        $id = (string) Str::ulid();
        $green = (string) Str::ulid();
        foreach (
            [
                ['drills' => [['id' => $id, 'name' => 'Own', 'definition' => ['name' => 'Own']] + $times]],
                ['cards' => [['id' => $id, 'key' => 'own', 'content' => ['points' => 'none']] + $times]],
                ['benchmarks' => [['id' => $id, 'figure' => 'luck', 'value' => 3, 'source' => 'Heard'] + $times]],
                ['length_sets' => [['id' => $id, 'name' => 'Three', 'lengths_m' => ['far'], 'said' => 'far'] + $times]],
                [
                    'saved_reads' => [
                        ['id' => $id, 'green_id' => $green, 'name' => 'Left', 'putt' => ['length_m' => 3]] + $times,
                    ],
                    'greens' => [['id' => $green, 'name' => 'Lawn', 'surface' => 'grass'] + $times],
                ],
                ['greens' => [['id' => $green, 'name' => 'Lawn', 'surface' => 'ice'] + $times]],
            ]
            as $tables
        ) {
            $this->postJson('/api/records', [
                'format' => 'amble-records',
                'version' => 2,
                'tables' => $tables,
            ])->assertUnprocessable();
            foreach (array_keys($tables) as $table) {
                self::assertSame(0, DB::table($table)->where('id', $id)->orWhere('id', $green)->count(), $table);
            }
        }
    }

    public function testTheTablesOpenWithAnythingAndAreDescribed(): void
    {
        $answer = $this->get("/api/students/{$this->ana->id}/records.zip")->assertOk();
        $zip = new \ZipArchive();
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $answer->streamedContent());
        self::assertTrue($zip->open($path));
        $package = json_decode((string) $zip->getFromName('datapackage.json'), true, 16, JSON_THROW_ON_ERROR);
        foreach ($package['resources'] as $resource) {
            $lines = explode("\r\n", trim((string) $zip->getFromName($resource['path'])));
            self::assertSame(array_column($resource['schema']['fields'], 'name'), str_getcsv($lines[0], ',', '"', ''));
        }
        self::assertStringContainsString('Ana Lund', (string) $zip->getFromName('students.csv'));
        unlink($path);
    }

    public function testAFileOfTheFirstVersionIsReadUnderItsOwnNames(): void
    {
        $names = RecordTables::FORMER_TABLES + RecordTables::FORMER_COLUMNS;
        $former = static fn(array $row): array => array_combine(
            array_map(static fn(string $name): string => $names[$name] ?? $name, array_keys($row)),
            $row,
        );
        $file = $this->getJson('/api/records')->assertOk()->json();
        $old =
            [
                'version' => 1,
                'tables' => array_map(
                    static fn(array $rows): array => array_map($former, $rows),
                    $former($file['tables']),
                ),
            ] + $file;
        self::assertArrayHasKey('target_pace_m', $old['tables']['students'][0]);
        $there = $this->postJson('/api/records/preview', $old)->assertOk()->json();
        self::assertEquals($this->postJson('/api/records/preview', $file)->assertOk()->json(), $there);
        self::assertSame(count($file['tables']['students']), array_column($there, 'there', 'table')['students']);
        // Today's names in a file of then, and the names of then in one of today, are unknown fields.
        $this->postJson('/api/records/preview', ['version' => 2] + $old)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('tables.students.0.pace_length_m');
    }

    public function testWhoChangedWhatIsTold(): void
    {
        $this->putJson(
            "/api/students/{$this->ana->id}",
            self::studentCard(['name' => 'Ana Lindqvist', 'hand' => 'left', 'putter' => 'Blade']),
        )->assertOk();
        $this->putJson(
            "/api/students/{$this->ana->id}",
            self::studentCard(['name' => 'Ana Lindqvist', 'hand' => 'left', 'putter' => 'Blade']),
        )->assertOk();
        $this->deleteJson("/api/students/{$this->ben->id}")->assertSuccessful();
        $this->postJson("/api/students/{$this->ben->id}/restore")->assertSuccessful();
        $changes = $this->getJson('/api/changes')->assertOk()->json();
        self::assertSame(['brought_back', 'put_away', 'changed'], array_slice(array_column($changes, 'what'), 0, 3));
        self::assertSame(
            [
                ['field' => 'name', 'from' => 'Ana Lund', 'to' => 'Ana Lindqvist'],
                ['field' => 'hand', 'from' => 'right', 'to' => 'left'],
            ],
            $changes[2]['fields'],
        );
        self::assertSame(
            ['Hedda', 'students', 'Ana Lindqvist'],
            [$changes[2]['who'], $changes[2]['record'], $changes[2]['name']],
        );
        $putter = DB::table('putters')->value('id');
        $this->deleteJson("/api/putters/$putter")->assertSuccessful();
        self::assertSame(
            ['putters', 'deleted', 'Blade'],
            [
                $this->getJson('/api/changes')->json('0.record'),
                $this->getJson('/api/changes')->json('0.what'),
                $this->getJson('/api/changes')->json('0.name'),
            ],
        );
        $count = count($this->getJson('/api/changes')->json());
        // What a log tells is not told twice, and another workspace hears nothing.
        $this->log($this->shared, [self::putt(['roll_m' => 3.0])]);
        self::assertCount($count, $this->getJson('/api/changes')->json());
        self::assertCount(2, $this->getJson("/api/changes?student={$this->ben->id}")->json());
        $this->deleteJson("/api/students/{$this->ana->id}/permanently", ['name' => 'Ana Lindqvist'])->assertNoContent();
        self::assertStringNotContainsString('Lindqvist', (string) json_encode(DB::table('changes')->get()));
        $this->actingAs($this->coach('other@example.test'));
        self::assertSame([], $this->getJson('/api/changes')->json());
        $this->getJson("/api/changes?student={$this->ben->id}")->assertUnprocessable();
    }

    public function testOnlyTheLatestChangesAreKept(): void
    {
        $one = [
            'workspace_id' => $this->coach->workspace_id,
            'coach_id' => $this->coach->id,
            'record_type' => 'greens',
            'record_id' => (string) Str::ulid(),
            'name' => 'Lawn',
            'what' => 'changed',
            'fields' => '{}',
            'created_at' => '2026-01-01 00:00:00',
        ];
        foreach (array_chunk(range(1, RecordChange::KEPT + 20), 100) as $some) {
            DB::table('changes')->insert(
                array_map(static fn(int $i): array => ['id' => sprintf('01A%023d', $i)] + $one, $some),
            );
        }
        $this->putJson(
            "/api/students/{$this->ana->id}",
            self::studentCard(['name' => 'Ana Lindqvist', 'putter' => 'Blade']),
        )->assertOk();
        self::assertSame(RecordChange::KEPT, DB::table('changes')->count());
        self::assertSame('Ana Lindqvist', $this->getJson('/api/changes')->json('0.name'));
    }
}
