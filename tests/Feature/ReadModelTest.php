<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What screens read is what the log says: rebuilt and written along the way are the same. */
final class ReadModelTest extends TestCase
{
    private Coach $coach;
    private Student $student;
    private Student $guest;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        [$this->student, $this->guest] = [$this->student($this->coach), $this->student($this->coach)];
        $this->session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->actingAs($this->coach);
    }

    /** @return list<mixed> rows of the read model, and the card, as they are */
    private function model(): array
    {
        return [
            DB::table('balls')->orderBy('id')->get()->toArray(),
            DB::table('dismissed_insights')
                ->orderBy('note')
                ->get(['practice_session_id', 'student_id', 'note', 'evidence', 'reason'])
                ->toArray(),
            $this->session->refresh()->only(['stations', 'conditions', 'dismissed_insights']),
        ];
    }

    /** @param list<string> $students */
    private function begin(array $students, int $step): string
    {
        $id = (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/runs", [
            'id' => $id,
            'students' => $students,
            'drill' => [
                'key' => 'closing',
                'name' => 'Closing',
                'stations' => [['length_m' => 3], ['length_m' => 5]],
                'target' => 'hole',
                'balls_per_station' => 3,
                'pass' => ['kind' => 'through_gate'],
                'aid' => ['kind' => 'gate', 'width_m' => 0.12, 'distance_m' => 0.5],
                'on_miss' => 'restart_station',
                'steps_m' => [0.12, 0.09, 0.06],
                'end' => ['kind' => 'balls', 'balls' => 8 + $step],
                'cap' => ['balls' => 30],
            ],
        ])->assertSuccessful();

        return $id;
    }

    /**
     * Events of every kind, about one another, with clocks that agree and ids of their own.
     *
     * @param list<string> $runs
     *
     * @return list<array<string, mixed>>
     */
    private function drawn(Randomizer $random, array $runs): array
    {
        $begin = (int) now()->getTimestampMs();
        $events = $ids = [];
        $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        for ($i = 0; $i < 40; ++$i) {
            $id = (string) Str::ulid();
            $run = $pick([null, ...$runs]);
            $isGroup = $run === ($runs[1] ?? '');
            $ball = [
                'version' => 2,
                'roll_m' => 1 + $random->getInt(0, 60) / 10,
                'stop' => $pick(['free', 'free', 'edge', 'ball']),
                'target_m' => $pick([null, 3, 5]),
                'mark' => $pick([null, null, null, 'bumps', 'mishit']),
                'seen' => ['gate' => $pick(['left', 'through', 'right']), 'strike' => $pick(['toe', 'middle'])],
            ];
            $about = $ids === [] ? (string) Str::ulid() : $pick($ids);
            $event = match ($random->getInt(0, 9)) {
                0 => ['type' => 'undone', 'event_id' => $about],
                1 => ['type' => 'putt_corrected', 'putt_id' => $about] + $ball,
                2 => [
                    'type' => 'putt_remarked',
                    'version' => 2,
                    'putt_id' => $about,
                    'mark' => $pick([null, 'doubt']),
                    'cause' => 'read',
                    'seen' => ['held' => $pick([true, null])],
                ],
                3 => [
                    'type' => 'station_set',
                    'station_id' => $pick(['a', 'b']),
                    'length_m' => $random->getInt(1, 9),
                    'said' => 'so many',
                ],
                4 => [
                    'type' => 'condition_noted',
                    'condition' => $pick(['dew', 'wind']),
                    'is_seen' => $pick([true, false]),
                ],
                5 => $pick([
                    [
                        'type' => 'note_set_aside',
                        'key' => $pick(['x', 'y']),
                        'evidence' => 'so',
                        'is_aside' => $pick([true, false]),
                    ],
                    [
                        'type' => 'set_out_counted',
                        'run_id' => $runs[0],
                        'item' => 'check',
                        'name' => 'gate_seen',
                        'count' => $random->getInt(0, 1),
                    ],
                ]),
                default => ['type' => 'putt_logged'] +
                    $ball +
                    ($run === null ? [] : ['run_id' => $run]) +
                    ($isGroup ? ['student' => $pick([$this->student->id, $this->guest->id])] : []),
            };
            $ids[] = $id;
            $events[] = $event + ['id' => $id, 'at_ms' => $begin + 10 * $i + $random->getInt(0, 30)];
        }

        return $events;
    }

    public function testRebuiltEqualsIncrementalForAnyInterleaving(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $runs = [$this->begin([], 0), $this->begin([$this->student->id, $this->guest->id], 3)];
        for ($case = 0; $case < 6; ++$case) {
            SessionEventRecord::query()->delete();
            $events = $this->drawn($random, $runs);
            $models = [];
            // In order, in one go, shuffled in small batches, and each sent twice.
            foreach (
                [[$events], array_chunk($random->shuffleArray($events), 7), array_chunk([...$events, ...$events], 19)]
                as $batches
            ) {
                SessionEventRecord::query()->delete();
                foreach ($batches as $batch) {
                    $batch = array_values(array_column($batch, null, 'id'));
                    $this->postJson("api/sessions/{$this->session->id}/events", [
                        'events' => $batch,
                    ])->assertSuccessful();
                }
                $incremental = $this->model();
                DB::table('balls')->delete();
                DB::table('dismissed_insights')->delete();
                $this->artisan('amble:rebuild')->assertSuccessful();
                self::assertEquals($this->model(), $incremental);
                $models[] = $incremental;
            }
            self::assertEquals($models[0], $models[1], "case $case");
            self::assertEquals($models[0], $models[2], "case $case");
            self::assertNotSame([], $models[0][0]);
        }
    }

    public function testTheGatesWidthIsTheOneInForceWhenABallWasRolled(): void
    {
        $run = $this->begin([], 40);
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'run_id' => $run,
                    'gate' => 'through',
                    'at_ms' => 1000 + $i,
                    'target_m' => 3,
                ]),
                range(1, 12),
            ),
        ])->assertSuccessful();
        $widths = DB::table('balls')->orderBy('place')->pluck('aid_width_m')->all();
        self::assertSame([...array_fill(0, 10, 0.12), 0.09, 0.09], array_map(floatval(...), $widths));
        // Nobody looked at the gate: the balls are kept apart.
        self::assertSame([0], DB::table('balls')->distinct()->pluck('is_aid_checked')->map(intval(...))->all());
    }

    public function testWhoseBallsTheyAreFollowsTheCard(): void
    {
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [self::putt(), self::putt()],
        ])->assertSuccessful();
        self::assertSame(2, DB::table('balls')->where('student_id', $this->student->id)->count());
        $mat = $this->green($this->coach, 'mat');
        $this->patchJson("api/sessions/{$this->session->id}", [
            'student_id' => $this->guest->id,
            'green_id' => $mat->id,
        ])->assertSuccessful();
        self::assertSame(
            ['mat', $this->guest->id],
            [DB::table('balls')->value('surface'), DB::table('balls')->value('student_id')],
        );
        self::assertSame(0, DB::table('balls')->where('student_id', $this->student->id)->count());
    }

    public function testABallKeepsThePutterAndTempoItWasStruckWith(): void
    {
        $this->student->update(['putter' => 'The short one', 'tempo_bpm' => 72]);
        $post = fn() => $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [self::putt()],
        ])->assertSuccessful();
        $post();
        $this->student->update(['putter' => 'The long one', 'tempo_bpm' => 80]);
        $post();
        $this->artisan('amble:rebuild');
        self::assertSame(
            [['The short one', 72], ['The long one', 80]],
            DB::table('balls')
                ->orderBy('place')
                ->get()
                ->map(static fn(object $row): array => [$row->putter, (int) $row->tempo_bpm])
                ->all(),
        );
    }
}
