<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Contract\FindingShape;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Report\Finding;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\PreparedSession;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\BallReport;
use App\Reports\BallRepository;
use App\Reports\StudentBalls;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What is kept ready of a session is what its balls say, whatever changes and in whatever order. */
final class StudentBallsTest extends TestCase
{
    private Coach $coach;
    private Student $student;
    private Student $guest;

    /** @var list<PracticeSession> on grass twice, and on a mat */
    private array $sessions;

    /** @var array<string, string> a drill played to a hole, by session */
    private array $runs = [];

    /** @var list<string> of balls logged so far */
    private array $logged = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        [$this->student, $this->guest] = [$this->student($this->coach), $this->student($this->coach)];
        [$grass, $mat] = [$this->green($this->coach), $this->green($this->coach, 'mat')];
        $this->sessions = [
            $this->practiceSession($this->coach, $this->student, $grass),
            $this->practiceSession($this->coach, $this->student, $grass),
            $this->practiceSession($this->coach, $this->student, $mat),
        ];
        $this->actingAs($this->coach);
        foreach ($this->sessions as $session) {
            $this->runs[$session->id] = (string) Str::ulid();
            $this->postJson("api/sessions/$session->id/runs", [
                'id' => $this->runs[$session->id],
                'students' => [$this->student->id, $this->guest->id],
                'drill' => [
                    'key' => 'closing',
                    'name' => 'Closing',
                    'stations' => [['length_m' => 3]],
                    'target' => 'hole',
                    'balls_per_station' => 3,
                    'pass' => ['kind' => 'share'],
                    'end' => ['kind' => 'balls', 'balls' => 90],
                    'cap' => ['balls' => 99],
                ],
            ])->assertSuccessful();
        }
    }

    /** @param list<array<string, mixed>> $events */
    private function append(PracticeSession $session, array $events): void
    {
        $this->postJson("api/sessions/$session->id/events", ['events' => $events])->assertSuccessful();
    }

    /** @return array<string, mixed> */
    private function ball(Randomizer $random, PracticeSession $session): array
    {
        $pick = static fn(array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $ball = self::putt([
            'version' => 2,
            'at_ms' => (int) now()->getTimestampMs() + count($this->logged),
            'roll_m' => 2 + $random->getInt(0, 30) / 10,
            'backstroke_m' => 0.15 + $random->getInt(0, 10) / 100,
            'target_m' => $pick([null, 3, 3, 4]),
            'seen' => (object) [
                'start' => $pick(['left', 'on', 'right']),
                'call' => $pick(['short', 'on', 'long']),
            ],
            'run_id' => $pick([null, $this->runs[$session->id]]),
            'student' => $random->getInt(0, 4) === 0 ? $this->guest->id : $this->student->id,
        ]);
        $this->logged[] = $ball['id'];

        return $ball;
    }

    /** One of everything that a prepared session rests on changes. */
    private function change(Randomizer $random): string
    {
        $session = $this->sessions[$random->getInt(0, 2)]->refresh();
        $about = $this->logged[$random->getInt(0, count($this->logged) - 1)];
        $event = static fn(array $fields): array => [
            'id' => (string) Str::ulid(),
            'at_ms' => (int) now()->getTimestampMs(),
        ] + $fields;
        // Nothing is done with a session that is put away but to bring it back.
        $kind = $session->trashed() ? 5 : $random->getInt(0, 9);
        match ($kind) {
            0 => $this->append($session, [$event(['type' => 'undone', 'event_id' => $about])]),
            1 => $this->append($session, [
                $event(['type' => 'putt_remarked', 'version' => 2, 'putt_id' => $about, 'mark' => 'mishit']),
            ]),
            2 => $this->putJson("api/sessions/$session->id/green-speed", [
                'id' => (string) Str::ulid(),
                'method' => 'estimated',
                'speed_ft' => 8 + $random->getInt(0, 20) / 10,
            ])->assertSuccessful(),
            3 => $this->putJson(
                "api/students/{$this->student->id}",
                self::studentCard(['finish_past_m' => $random->getInt(0, 5) / 10]),
            )->assertSuccessful(),
            4 => $this->deleteJson("api/sessions/$session->id")->assertSuccessful(),
            5 => $session->trashed() ? $this->postJson("api/sessions/$session->id/restore")->assertSuccessful() : null,
            6 => $this->patchJson("api/sessions/$session->id", [
                'green_id' => $this->sessions[$random->getInt(0, 2)]->green_id,
            ])->assertSuccessful(),
            7 => $this->artisan('amble:rebuild')->assertSuccessful(),
            8 => $this->append($session, [
                $event([
                    'type' => 'reading_chosen',
                    'reading_id' => DB::table('green_speed_measurements')
                        ->where('green_id', $session->green_id)
                        ->inRandomOrder($random->getInt(1, 9))
                        ->value('id'),
                ]),
            ]),
            default => $this->append($session, [$this->ball($random, $session), $this->ball($random, $session)]),
        };

        return (string) $kind;
    }

    /** @return array<string, mixed> what a report tells, to nine digits */
    private static function told(BallSelection $asked): array
    {
        $report = MeasureReport::of($asked, new BallFilter());
        $rounded = [];
        foreach ($report->answers as $question => $findings) {
            $rounded[$question] = array_map(
                static fn(string $key, Finding $finding): string => (string) preg_replace_callback(
                    '/\d+\.\d+(?:e-?\d+)?/i',
                    static fn(array $figure): string => sprintf('%.9g', (float) $figure[0]),
                    json_encode(FindingShape::toArray($key, $finding), JSON_THROW_ON_ERROR),
                ),
                array_keys($findings),
                array_values($findings),
            );
        }

        return [
            $report->n,
            $report->lengths,
            $report->putters,
            $rounded,
            array_map(static fn(RolledBall $ball): string => $ball->id, $report->balls),
        ];
    }

    private function assertAsTheBallsSay(string $what): void
    {
        $student = $this->student->refresh();
        $balls = app(BallRepository::class)->ofStudent($student);
        foreach (Surface::cases() as $surface) {
            $of = array_values(array_filter($balls, static fn(RolledBall $ball): bool => $ball->surface === $surface));
            self::assertSame(
                self::told(app(BallReport::class)->asked($student, $of, $surface)),
                self::told(app(StudentBalls::class)->on($student, $surface)),
                "$surface->value: $what",
            );
        }
    }

    public function testPreparedIsWhatTheBallsSayUnderAnyInterleaving(): void
    {
        $random = new Randomizer(new Mt19937(3));
        foreach ($this->sessions as $i => $session) {
            $this->travel($i)->days();
            $this->append($session, array_map(fn(): array => $this->ball($random, $session), range(1, 12)));
        }
        $done = '';
        for ($step = 0; $step < 80; ++$step) {
            $this->travel(1)->minutes();
            $done .= $this->change($random);
            $this->assertAsTheBallsSay($done);
        }
        self::assertCount(10, count_chars($done, 1), 'every kind of change came');
    }

    public function testOnlyTheSessionThatChangedIsPreparedAnew(): void
    {
        $random = new Randomizer(new Mt19937(4));
        foreach ($this->sessions as $session) {
            $this->append($session, array_map(fn(): array => $this->ball($random, $session), range(1, 6)));
        }
        $this->assertAsTheBallsSay('first');
        // A mark in what is kept shows whether it is read, or made anew.
        $kept = DB::table('prepared_sessions')->where('student_id', $this->student->id);
        self::assertSame(3, $kept->count());
        $marked = PreparedSession::restored('x', (string) $kept->value('kept'))->n + 1000;
        DB::table('prepared_sessions')->update(['kept' => DB::raw("'[$marked' || substr(kept, instr(kept, ','))")]);
        $this->append($this->sessions[0], [$this->ball($random, $this->sessions[0])]);
        $n = app(StudentBalls::class)->on($this->student, Surface::Grass)->count();
        self::assertGreaterThan(1000, $n, 'the other session on grass is read as it was kept');
        self::assertLessThan(2000, $n, 'the one with a new ball is not');
        $this->artisan('amble:rebuild')->assertSuccessful();
        $this->assertAsTheBallsSay('rebuilt');
    }
}
