<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\ProjectSession;
use App\Models\Coach;
use App\Models\DrillFindingRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** What a drill found: told at its end, opened again from session and student, and beside the time before. */
final class DrillFindingTest extends TestCase
{
    private Coach $coach;
    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
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
            'key' => 'near',
            'name' => 'Near it',
            'stations' => [['length_m' => 4], ['length_m' => 6]],
            'target' => 'tee',
            'balls_per_station' => 5,
            'pass' => ['kind' => 'share', 'share' => 0.1],
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 20],
            'progression' => [['says' => 'Mixed.', 'order' => 'shuffled'], ['says' => 'Tighter.', 'figure' => 0.05]],
        ];
    }

    /**
     * Runs a drill in a session of its own and rolls balls each so many times its length.
     *
     * @param list<float> $times
     * @param array<string, mixed> $drill
     *
     * @return array{PracticeSession, string}
     */
    private function rolled(array $times, array $drill = [], int $day = 0): array
    {
        $session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $run = (string) Str::ulid();
        $path = "api/sessions/$session->id/runs";
        $state = $this->postJson($path, ['id' => $run, 'drill' => $drill + self::drill()])
            ->assertSuccessful()
            ->json();
        foreach ($times as $i => $time) {
            $length = $state['next']['length_m'];
            $state = $this->postJson("$path/$run/events", [
                'events' => [
                    self::putt([
                        'run_id' => $run,
                        'target_m' => $length,
                        'roll_m' => $length * $time,
                        'at_ms' => 1_760_000_000_000 + 86_400_000 * $day + 1000 * $i,
                    ]),
                ],
            ])
                ->assertSuccessful()
                ->json();
        }

        return [$session, $run];
    }

    public function testTheLastTenVerdictsAreKeptAndNotTheFirst(): void
    {
        $long = ['balls_per_station' => 6, 'cap' => ['balls' => 20]];
        [, $run] = $this->rolled([1.3, 1.3, ...array_fill(0, 10, 1.0)], $long);
        self::assertSame(
            array_fill(0, 10, true),
            DrillFindingRecord::query()->where('run_id', $run)->firstOrFail()->recent,
        );
        [, $worse] = $this->rolled([...array_fill(0, 10, 1.0), 1.3, 1.3], $long, 1);
        self::assertSame(
            [...array_fill(0, 8, true), false, false],
            DrillFindingRecord::query()->where('run_id', $worse)->firstOrFail()->recent,
        );
    }

    public function testARunSaysWhatItFoundAndCanBeOpenedFromItsSessionAndItsStudent(): void
    {
        [$session, $run] = $this->rolled([1.02, 1.04, 1.06, 1.2, 0.98, 1.05, 1.03, 0.97, 1.01, 1.04]);
        $found = $this->getJson("api/sessions/$session->id/runs/$run")->json('findings.0');
        self::assertSame($this->student->id, $found['student']);
        self::assertSame(['leave', 'passed'], array_column($found['findings'], 'kind'));
        [$leave, $passed] = $found['findings'];
        // The mean of the ten is 4 % long; nine lie within a tenth.
        self::assertEqualsWithDelta(0.04, $leave['value'], 1e-9);
        self::assertEquals(
            [0.9, 10, 1.0, 2],
            [$passed['value'], $passed['n'], $passed['first']['value'], $passed['first']['n']],
        );
        self::assertNull($leave['since']);
        foreach (["sessions/$session->id", "students/{$this->student->id}"] as $place) {
            $this->getJson("api/$place/findings")
                ->assertJsonCount(1)
                ->assertJsonPath('0.run_id', $run)
                ->assertJsonPath('0.balls', 10)
                ->assertJsonPath('0.phase', 'done')
                ->assertJsonPath('0.findings.0.sentence', $leave['sentence']);
        }
    }

    public function testTheNextTimeStandsBesideTheLast(): void
    {
        $this->rolled(array_fill(0, 10, 1.3));
        [$session, $run] = $this->rolled([1.0, 1.01, 0.99, 1.02, 0.98, 1.0, 1.01, 0.99, 1.02, 0.98], day: 3);
        $passed = $this->getJson("api/sessions/$session->id/runs/$run")->json('findings.0.findings.1');
        self::assertSame('Last time 0 %, from 10: clearly more now.', $passed['since']['sentence']);
        // Another drill, or another student, is another story.
        [$other, $else] = $this->rolled([1.0], ['key' => 'other'], 4);
        self::assertNull($this->getJson("api/sessions/$other->id/runs/$else")->json('findings.0.findings.0.since'));
        $this->student = $this->student($this->coach);
        [$theirs, $first] = $this->rolled([1.0], day: 5);
        self::assertNull($this->getJson("api/sessions/$theirs->id/runs/$first")->json('findings.0.findings.0.since'));
    }

    public function testAHistoryOfManyRunsAsksTheDatabaseNoMoreOftenThanOneOfTwo(): void
    {
        $asked = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $runs = $this->getJson("api/students/{$this->student->id}/findings")
                ->assertSuccessful()
                ->json();
            self::assertSame('Last time 100 %, from 1.', $runs[0]['findings'][1]['since']['sentence']);
            self::assertNull($runs[count($runs) - 1]['findings'][1]['since']);

            return count(DB::getQueryLog());
        };
        foreach ([1, 2] as $day) {
            $this->rolled([1.0], day: $day);
        }
        $few = $asked();
        foreach ([3, 4, 5, 6] as $day) {
            $this->rolled([1.0], day: $day);
        }
        self::assertSame($few, $asked());
    }

    public function testUndoTakesAwayWhatABallFoundAndARebuildTellsTheSame(): void
    {
        [$session, $run] = $this->rolled([1.0, 1.3]);
        $ball = $this->getJson("api/sessions/$session->id")->json('putts.1.id');
        $before = DrillFindingRecord::query()->get()->makeHidden('id')->toArray();
        app(ProjectSession::class)->rebuild();
        self::assertEquals($before, DrillFindingRecord::query()->get()->makeHidden('id')->toArray());
        $undo = static fn(string $id): array => [
            'events' => [
                ['id' => (string) Str::ulid(), 'type' => 'undone', 'at_ms' => 1_790_000_000_000, 'event_id' => $id],
            ],
        ];
        $this->postJson("api/sessions/$session->id/events", $undo($ball))->assertSuccessful();
        self::assertSame(1, DrillFindingRecord::query()->sole()->balls);
        $this->postJson(
            "api/sessions/$session->id/events",
            $undo($this->getJson("api/sessions/$session->id")->json('putts.0.id')),
        )->assertSuccessful();
        self::assertSame(0, DrillFindingRecord::query()->count());
        $this->getJson("api/sessions/$session->id/runs/$run")->assertJsonPath('findings.0.findings', []);
    }

    public function testALevelThatWasEarnedIsWhereItBeginsNextTime(): void
    {
        $setOut = function (array $body = []): array {
            $session = $this->practiceSession($this->coach, $this->student);

            return $this->postJson(
                'api/drills/setup',
                $body + ['id' => (string) Str::ulid(), 'session_id' => $session->id, 'drill' => self::drill()],
            )
                ->assertSuccessful()
                ->json();
        };
        self::assertNull($setOut()['progression']);
        $this->rolled([1.0, 1.0, 1.0, 1.0, 1.3, 1.0, 1.0, 1.0, 1.0, 1.3]);
        $begins = $setOut()['progression'];
        // It is offered, and stays where it was until the coach takes it.
        self::assertSame(
            [0, 1, 'Last time 8 of the last 10 passed: next, mixed.'],
            [$begins['level'], $begins['next']['level'], $begins['why']],
        );
        self::assertArrayNotHasKey('level', $begins['card']['drill']);
        self::assertSame(
            ['shuffled', 1],
            [$begins['next']['card']['drill']['order'], $begins['next']['card']['drill']['level']],
        );
        self::assertNull($setOut(['level_is_chosen' => true])['progression']);
        $this->rolled(array_fill(0, 10, 1.0), $begins['next']['card']['drill'], 1);
        self::assertEquals(
            [1, 2, 0.05],
            [
                $setOut()['progression']['level'],
                $setOut()['progression']['next']['level'],
                $setOut()['progression']['next']['card']['drill']['pass']['share'],
            ],
        );
        $this->rolled(array_fill(0, 10, 1.3), ['level' => 2] + self::drill(), 2);
        self::assertSame([2, 1], [$setOut()['progression']['level'], $setOut()['progression']['next']['level']]);
    }

    public function testASteppingDrillBeginsAtTheWidthWhereItWasLeft(): void
    {
        $gate = self::drill([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'steps_m' => [0.1, 0.08, 0.06],
            'progression' => [],
        ]);
        $session = $this->practiceSession($this->coach, $this->student);
        $run = (string) Str::ulid();
        $this->postJson("api/sessions/$session->id/runs", ['id' => $run, 'drill' => $gate])->assertSuccessful();
        $this->postJson("api/sessions/$session->id/runs/$run/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'run_id' => $run,
                    'roll_m' => null,
                    'stop' => 'unseen',
                    'gate' => 'through',
                    'at_ms' => 1_760_000_000_000 + $i,
                ]),
                range(1, 10),
            ),
        ])->assertJsonPath('step_m', 0.08);
        $answer = $this->postJson('api/drills/setup', [
            'id' => (string) Str::ulid(),
            'session_id' => $session->id,
            'drill' => $gate,
        ]);
        $answer->assertJsonPath('progression.rung', 1)->assertJsonPath('progression.card.drill.start_step', 1);
    }

    public function testWhatIsUsualIsOfTheTimeBeforeTheSession(): void
    {
        $quick = ['key' => 'quick', 'finds' => ['usual'], 'progression' => []];
        $sentence = fn(PracticeSession $session, string $run): mixed => $this->getJson(
            "api/sessions/$session->id/runs/$run",
        )->json('findings.0.findings.0.sentence');
        self::assertStringContainsString('not known yet', $sentence(...$this->rolled(array_fill(0, 4, 1.2), $quick)));
        $earlier = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->postJson("api/sessions/$earlier->id/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'target_m' => 5,
                    'roll_m' => 5.0 + 0.3 * sin($i),
                    'at_ms' => 1_600_000_000_000 + $i,
                ]),
                range(1, 30),
            ),
        ])->assertSuccessful();

        self::assertMatchesRegularExpression(
            '/^Today balls finish \d+ % longer than usual\.$/',
            $sentence(...$this->rolled([1.45, 1.46, 1.44, 1.47], $quick, 9)),
        );
    }

    public function testInAGroupEachHasFindingsOfTheirOwn(): void
    {
        $other = $this->student($this->coach);
        $session = $this->practiceSession($this->coach, $this->student);
        $run = (string) Str::ulid();
        $this->postJson("api/sessions/$session->id/runs", [
            'id' => $run,
            'drill' => self::drill(),
            'students' => [$this->student->id, $other->id],
        ])->assertSuccessful();
        $ball = static fn(string $student, float $roll): array => self::putt([
            'run_id' => $run,
            'student' => $student,
            'target_m' => 4,
            'roll_m' => $roll,
        ]);
        $found = $this->postJson("api/sessions/$session->id/runs/$run/events", [
            'events' => [$ball($this->student->id, 4.4), $ball($other->id, 3.6)],
        ])->json('findings');
        self::assertSame([$this->student->id, $other->id], array_column($found, 'student'));
        self::assertEqualsWithDelta(
            [0.1, -0.1],
            array_map(static fn(array $each): float => $each['findings'][0]['value'], $found),
            1e-9,
        );
        $this->getJson("api/students/$other->id/findings")->assertJsonCount(1);
    }
}
