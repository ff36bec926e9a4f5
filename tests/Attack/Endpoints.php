<?php

declare(strict_types=1);

namespace Tests\Attack;

use App\Models\Benchmark;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\HoleMapRecord;
use App\Models\LengthSet;
use App\Models\OwnChecklist;
use App\Models\Putter;
use App\Models\Round;
use App\Models\SavedRead;
use App\Models\TakeHomeCard;
use Carbon\CarbonImmutable;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;

/** Every door of the API with a body that fits it: a new write route that is not named here fails the attacks. */
final class Endpoints
{
    /** @var array<string, string> ids by parameter */
    public readonly array $ids;

    /** @var array<string, string> the same, of what was begun behind the link */
    private array $behindLink;

    /** @param array<string, mixed> $student card of one */
    public function __construct(private readonly Coach $coach, private readonly array $student)
    {
        $own = ['workspace_id' => $coach->workspace_id, 'coach_id' => $coach->id];
        $somebody = $coach->students()->create($student + ['about' => ['email' => 'somebody@example.test']]);
        $green = $coach->greens()->create(['name' => 'Far lawn', 'surface' => 'grass']);
        $session = $coach
            ->practiceSessions()
            ->create(['student_id' => $somebody->id, 'green_id' => $green->id, 'started_at' => now()]);
        $drill = $coach
            ->drills()
            ->create(['name' => 'Own', 'definition' => json_encode(self::drill(), JSON_THROW_ON_ERROR)]);
        $run = $session->runs()->create([
            'id' => (string) Str::ulid(),
            'coach_id' => $coach->id,
            'definition' => json_encode(self::drill(), JSON_THROW_ON_ERROR),
            'seed' => 1,
            'workspace_id' => $coach->workspace_id,
        ]);
        $away = $coach->students()->create($student);
        $card = TakeHomeCard::query()->create(
            $own + ['student_id' => $away->id, 'home_task' => 'Mat', 'home_drill' => 'mat-steps'],
        );
        $home = $coach
            ->practiceSessions()
            ->create(['student_id' => $away->id, 'started_at' => now(), 'is_home' => true]);
        $homeRun = $home->runs()->create([
            'id' => (string) Str::ulid(),
            'coach_id' => $coach->id,
            'definition' => json_encode(self::drill(), JSON_THROW_ON_ERROR),
            'seed' => 1,
            'workspace_id' => $coach->workspace_id,
        ]);
        $this->behindLink = ['session' => $home->id, 'run' => $homeRun->id];
        $this->ids = [
            'student' => $somebody->id,
            'green' => $green->id,
            'session' => $session->id,
            'drill' => $drill->id,
            'run' => $run->id,
            'round' => Round::query()->create(
                $own + [
                    'student_id' => $somebody->id,
                    'played_on' => '2026-11-01',
                    'holes' => [['first_m' => 4.0, 'putts' => 2]],
                ],
            )->id,
            'benchmark' => Benchmark::query()->create(
                $own + ['figure' => 'putts_per_18', 'value' => 33.0, 'source' => 'Counted'],
            )->id,
            'putter' => Putter::query()->create($own + ['student_id' => $somebody->id, 'name' => 'Old'])->id,
            'set' => LengthSet::query()->create(
                $own + ['name' => 'Three', 'said' => '3, 6, 9', 'lengths_m' => [3.0, 6.0, 9.0]],
            )->id,
            'device' => 'ramp',
            'token' => str_repeat('a', 40),
            'booking' => Booking::query()->create(
                $own + [
                    'student_id' => $somebody->id,
                    'starts' => '2026-12-03 10:00',
                    'zone' => 'UTC',
                    'minutes' => 30,
                    'rule' => 'FREQ=WEEKLY;COUNT=3',
                ],
            )->id,
            'read' => SavedRead::query()->create(
                $own + ['green_id' => $green->id, 'name' => 'Left', 'putt' => self::putt()],
            )->id,
            'map' => HoleMapRecord::query()->create($own + ['green_id' => $green->id] + self::holeMap())->id,
            'key' => OwnChecklist::query()->create(
                $own + [
                    'key' => 'own',
                    'content' => ['kind' => 'views', 'title' => 'Own', 'points' => [['key' => 'a', 'text' => 'A']]],
                ],
            )->key,
            'ball' => '01M4G0000000000000000000AA',
            'link' => $card->open(CarbonImmutable::now()->addDay()),
            'any' => 'nowhere',
        ];
    }

    /** @return array<string, Route> every route of the API by method and path */
    public static function all(): array
    {
        $endpoints = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                if (str_starts_with($route->uri(), 'api/') && $route->uri() !== 'api/{any}') {
                    $endpoints["$method {$route->uri()}"] = $route;
                }
            }
        }

        return $endpoints;
    }

    public function path(string $door): string
    {
        $path = explode(' ', $door)[1];
        foreach (str_contains($path, '{link}') ? $this->behindLink + $this->ids : $this->ids as $name => $id) {
            $path = str_replace("{{$name}}", $id, $path);
        }

        return $path;
    }

    /** @return array<string, array<string, mixed>> a body that is taken, by door; every door that writes */
    public function bodies(): array
    {
        $id = static fn(): string => (string) Str::ulid();
        $now = (int) now()->getTimestampMs();
        $drill = ['drill' => self::drill()];
        $round = [
            'played_on' => '2026-11-01',
            'place' => 'Here',
            'is_from_memory' => false,
            'holes' => [['first_m' => 4.0, 'putts' => 2, 'leave_m' => 0.3, 'side' => 'left', 'is_extreme' => false]],
        ];
        $benchmark = [
            'figure' => 'putts_per_18',
            'value' => 33,
            'source' => 'Counted',
            'length_m' => null,
            'sample' => 100,
        ];
        $putter = [
            'name' => 'Long one',
            'length_m' => 1.1,
            'lie_deg' => 70,
            'loft_deg' => 3,
            'head_g' => 350,
            'sole' => 'flat',
            'mark' => 'a line',
        ];
        $ball = [
            'type' => 'putt_logged',
            'version' => 2,
            'backstroke_m' => 0.2,
            'roll_m' => 3.0,
            'target_m' => 3.0,
            'stop' => 'free',
            'grade_percent' => 1.0,
            'across_percent' => 0.5,
            'mark' => null,
            'cause' => null,
            'seen' => ['start' => 'left', 'looks' => 2, 'held' => true, 'read_amount_m' => 0.2],
        ];
        $events = array_map(
            static fn(array $event): array => $event + ['id' => (string) Str::ulid(), 'at_ms' => $now],
            [
                $ball,
                [
                    'type' => 'check_tried',
                    'check' => 'aim',
                    'student' => null,
                    'answers' => ['offset_m' => 0.02, 'at_m' => 2, 'by' => 'mirror'],
                ],
                [
                    'type' => 'card_point_seen',
                    'card' => 'grip',
                    'point' => 'one',
                    'student' => null,
                    'sight' => 'good',
                    'word' => 'well',
                ],
                [
                    'type' => 'station_set',
                    'station_id' => 'S1',
                    'length_m' => 3,
                    'said' => '3 m',
                    'grade_percent' => 1,
                    'across_percent' => null,
                ],
                ['type' => 'company_noted', 'student' => $this->ids['student'], 'standing' => 'here'],
                ['type' => 'part_begun', 'part' => 'work'],
                ['type' => 'disturbance_noted', 'disturbance' => 'wind', 'is_on' => true],
                ['type' => 'condition_noted', 'condition' => 'dew', 'is_seen' => true],
                [
                    'type' => 'note_set_aside',
                    'key' => 'pace.habit',
                    'evidence' => 'x',
                    'reason' => 'y',
                    'is_aside' => true,
                ],
                [
                    'type' => 'set_out_counted',
                    'run_id' => $this->ids['run'],
                    'item' => 'kit_out',
                    'name' => 'tees',
                    'count' => 2,
                ],
            ],
        );

        return [
            'POST api/sign-in' => ['email' => 'nobody@example.test', 'password' => 'a long password'],
            'POST api/sign-up' => ['name' => 'New', 'email' => 'new@example.test', 'password' => 'a long password'],
            'POST api/demo' => [],
            'POST api/sign-out' => [],
            'PUT api/me' => ['unit' => 'feet', 'stride_m' => 0.8, 'three_putt_inside_m' => 7, 'trend_sessions' => 3],
            'POST api/me/elsewhere' => ['password' => 'a long password'],
            'PUT api/me/password' => ['current' => 'a long password', 'password' => 'a longer password'],
            'POST api/me/two-step' => ['password' => 'a longer password'],
            'PUT api/me/two-step' => ['code' => '123 456'],
            'POST api/me/two-step/recovery-codes' => ['password' => 'a longer password'],
            'DELETE api/me/two-step' => ['password' => 'a longer password'],
            'DELETE api/me' => ['password' => 'not the password'],
            'POST api/students' => ['id' => $id()] + $this->student,
            'PUT api/students/{student}' => $this->student,
            'DELETE api/students/{student}' => [],
            'POST api/students/{student}/restore' => [],
            'PUT api/students/{student}/current-goals' => [
                'complaint' => 'Short',
                'about' => 'pace',
                'goal' => 'Less',
                'focuses' => [['text' => 'Beat', 'reason' => null]],
                'faults' => [['fault' => 'Up', 'shows' => 'a', 'cure' => 'b', 'is_open' => true]],
            ],
            'PUT api/students/{student}/profile' => [
                'dominant_eye' => 'lead',
                'handicap' => 12,
                'lay_off_weeks' => 3,
                'lay_off_work' => 'mat',
                'email' => 'somebody@example.test',
                'views' => 'views',
                'read_from_m' => 4,
                'step_rule' => ['earn' => 8, 'lose' => 4],
                'recipe' => 'routine_a',
                'mark_to_m' => 3,
                'is_minor' => false,
                'consent' => 'yes',
                'may_be_filmed' => true,
                'keep_until' => '2027-01-01',
                'schools' => ['after' => 'rest'],
            ],
            'PUT api/students/{student}/take-home-card' => [
                'speed_1_m' => 2.8,
                'speed_2_m' => 3.2,
                'work_on' => 'Beat',
                'home_task' => 'Mat',
                'home_balls' => 12,
                'home_target' => 8,
                'home_days' => 3,
                'home_cue' => 'Beat',
                'home_drill' => 'mat-steps',
                'next_on' => '2026-12-24',
            ],
            'POST api/students/{student}/take-home-card/link' => ['days' => 7],
            'DELETE api/students/{student}/take-home-card/link' => [],
            'POST api/students/{student}/putters' => ['id' => $id()] + $putter,
            'PUT api/putters/{putter}' => ['name' => 'Old, regripped'] + $putter,
            'POST api/putters/{putter}/use' => [],
            'DELETE api/putters/{putter}' => [],
            'POST api/students/{student}/rounds' => ['id' => $id()] + $round,
            'PUT api/rounds/{round}' => $round,
            'DELETE api/rounds/{round}' => [],
            'POST api/benchmarks' => ['id' => $id()] + $benchmark,
            'PUT api/benchmarks/{benchmark}' => $benchmark,
            'DELETE api/benchmarks/{benchmark}' => [],
            'POST api/greens' => ['id' => $id(), 'name' => 'Lawn', 'surface' => 'grass'],
            'PUT api/greens/{green}' => ['name' => 'Lawn', 'surface' => 'mat'],
            'DELETE api/greens/{green}' => [],
            'POST api/greens/{green}/restore' => [],
            'POST api/students/{student}/quiz' => [
                'id' => $id(),
                'putt' => self::putt(),
                'aim_m' => 0.2,
                'plays_m' => 4.0,
            ],
            'POST api/students/{student}/balls' => self::ballsTable(),
            'POST api/students/{student}/balls/preview' => self::ballsTable(),
            'POST api/sessions/{session}/plan' => [
                'minutes' => 30,
                'has_hole' => true,
                'bag' => ['tee'],
                'blocks' => [self::block()],
                'without' => ['pressure'],
            ],
            'POST api/pocket/{link}/sessions' => ['id' => $id(), 'run_id' => $id(), 'started_at_ms' => $now],
            'POST api/pocket/{link}/sessions/{session}/events' => [
                'events' => [['id' => $id(), 'at_ms' => $now, 'run_id' => $this->behindLink['run']] + $ball],
            ],
            'POST api/pocket/{link}/entries' => [
                'id' => $id(),
                'kind' => 'done',
                'at_ms' => $now,
                'balls' => 15,
                'passes' => 9,
                'text' => 'Well',
            ],
            'POST api/students/{student}/homework' => [
                'id' => $id(),
                'kind' => 'answer',
                'at_ms' => $now,
                'text' => 'Slower',
            ],
            'POST api/bookings' => ['id' => $id()] + self::booking($this->ids),
            'PUT api/bookings/{booking}' => self::booking($this->ids),
            'POST api/bookings/{booking}/message' => ['offered' => '2026-12-03 10:00'],
            'POST api/bookings/{booking}/skip' => ['wall' => '2026-12-10 10:00'],
            'DELETE api/bookings/{booking}' => [],
            'POST api/calendar' => ['text' => self::calendar(), 'zone' => 'UTC'],
            'POST api/calendar/preview' => ['text' => self::calendar(), 'zone' => 'UTC'],
            'POST api/calendar/feed' => [],
            'DELETE api/calendar/feed' => [],
            'POST api/simulation' => ['id' => $id()],
            'DELETE api/simulation/{session}' => [],
            'POST api/records' => self::records(),
            'POST api/records/preview' => self::records(),
            'DELETE api/students/{student}/permanently' => ['name' => 'Nobody of that name'],
            'POST api/password-reset' => ['email' => 'nobody@example.test'],
            'POST api/password-reset/new' => [
                'email' => 'nobody@example.test',
                'token' => 'none',
                'password' => 'a long password',
            ],
            'POST api/greens/{green}/reads' => ['id' => $id(), 'name' => 'Left', 'putt' => self::putt()],
            'PUT api/reads/{read}' => ['name' => 'Left', 'putt' => self::putt()],
            'DELETE api/reads/{read}' => [],
            'POST api/greens/{green}/hole-maps' => ['id' => $id()] + self::mapAsSent(),
            'PUT api/hole-maps/{map}' => self::mapAsSent(),
            'DELETE api/hole-maps/{map}' => [],
            'POST api/hole-maps/{map}/stations' => ['drill' => self::drill()],
            'POST api/length-sets' => [
                'id' => $id(),
                'name' => 'Three',
                'said' => '3, 6 and 9',
                'lengths_m' => [3, 6, 9],
            ],
            'PUT api/length-sets/{set}' => [
                'id' => $id(),
                'name' => 'Three',
                'said' => '3, 6 and 9',
                'lengths_m' => [3, 6, 9],
            ],
            'DELETE api/length-sets/{set}' => [],
            'PUT api/teaching-preferences' => ['after' => 'rest'],
            'PUT api/checklists/{key}' => [
                'kind' => 'routine',
                'title' => 'Own',
                'points' => [['key' => 'a', 'text' => 'A', 'times' => 2, 'is_of_feet' => false]],
            ],
            'DELETE api/checklists/{key}' => [],
            'POST api/drills' => ['id' => $id()] + $drill,
            'POST api/drills/check' => $drill,
            'POST api/drills/setup' =>
                [
                    'id' => $id(),
                    'session_id' => $this->ids['session'],
                    'level_is_chosen' => false,
                    'students' => [$this->ids['student']],
                    'stepped' => [4],
                ] + $drill,
            'POST api/drills/lengths' => ['said' => '3, 6 and 9', 'lengths_m' => [3, 6, 9]] + $drill,
            'POST api/drills/import' => ['format' => 'amble-drills', 'version' => 2, 'drills' => [self::drill()]],
            'POST api/drills/import/preview' => [
                'format' => 'amble-drills',
                'version' => 2,
                'drills' => [self::drill()],
            ],
            'PUT api/drills/{drill}' => $drill,
            'DELETE api/drills/{drill}' => [],
            'POST api/green-speed/doubts' => [
                'roll' => ['distance_m' => 4, 'time_s' => 4],
                'others' => [['distance_m' => 4, 'time_s' => 4]],
            ],
            'POST api/sessions' => [
                'id' => $id(),
                'student_id' => $this->ids['student'],
                'green_id' => $this->ids['green'],
                'minutes' => 30,
                'purpose' => 'Look',
                'started_at_ms' => $now,
            ],
            'PATCH api/sessions/{session}' => [
                'student_id' => $this->ids['student'],
                'green_id' => $this->ids['green'],
                'minutes' => 30,
                'purpose' => 'Look',
                'note_for_student' => 'a',
                'note_for_next' => 'b',
                'kit_word' => 'c',
                'pocket' => ['work_on' => 'a', 'home_task' => 'b', 'next_on' => '2026-12-24'],
                'plan' => ['minutes' => 30, 'blocks' => [self::block()]],
                'ended' => false,
                'ended_at_ms' => $now,
            ],
            'DELETE api/sessions/{session}' => [],
            'POST api/sessions/{session}/restore' => [],
            'PUT api/sessions/{session}/green-speed' => [
                'id' => $id(),
                'method' => 'ramp',
                'direction_1_m' => [2.8, 2.9],
                'direction_2_m' => [2.7],
                'ramp_factor' => 1,
                'taken_at_ms' => $now,
            ],
            'PUT api/sessions/{session}/reading' => ['id' => $id(), 'method' => 'unknown', 'taken_at_ms' => $now],
            'POST api/sessions/{session}/events' => ['events' => $events],
            'POST api/sessions/{session}/runs' => ['id' => $id(), 'seed' => 3, 'students' => []] + $drill,
            'POST api/sessions/{session}/runs/{run}/events' => ['events' => [$events[0]]],
        ];
    }

    /** @return list<string> doors that only read and need nobody else's word */
    public static function readers(): array
    {
        return array_values(
            array_filter(
                array_keys(self::all()),
                static fn(string $door): bool => str_starts_with($door, 'GET ') &&
                    !preg_match(
                        '#\{(link|ball|token)\}|api/calendar$|simulation|/rota|api/putt-read|roll-or-chip|units-slip|readings|face-and-path|what-if|/comparison#',
                        $door,
                    ),
            ),
        );
    }

    /** @return array<string, mixed> one that ships */
    public static function drill(): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/core/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );

        return $library['drills'][0];
    }

    /** @return array<string, mixed> a putt as it is said, every part of it */
    private static function putt(): array
    {
        return [
            'length_m' => 4.0,
            'speed_m' => 3.0,
            'pace_m' => 0.3,
            'pace_point_m' => null,
            'slope' => ['by' => 'grades', 'along_percent' => 1.0, 'across_percent' => -2.0],
            'tier' => ['height_m' => 0.1, 'run_m' => 0.8, 'start_m' => 1.0],
            'grain' => ['worn' => 'far', 'strength' => 0.05],
        ];
    }

    /**
     * @param array<string, string> $ids
     *
     * @return array<string, mixed>
     */
    private static function booking(array $ids): array
    {
        return [
            'student_id' => $ids['student'],
            'green_id' => $ids['green'],
            'title' => null,
            'starts' => '2026-12-03 10:00',
            'zone' => 'Europe/Zurich',
            'minutes' => 45,
            'travel_minutes' => 10,
            'every' => 'week',
            'times' => 4,
            'note' => 'Mat',
        ];
    }

    private static function calendar(): string
    {
        return "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:one@elsewhere\r\nSUMMARY:Range\r\nDTSTART:20261203T100000Z\r\nDURATION:PT30M\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
    }

    /** @return array<string, mixed> a stretch of a plan */
    private static function block(): array
    {
        return [
            'id' => 'a',
            'kind' => 'pace',
            'drill' => 'never-twice',
            'name' => 'Never twice',
            'minutes' => 7,
            'balls' => 15,
            'why' => 'Because.',
            'is_locked' => true,
            'is_dropped' => false,
        ];
    }

    /** @return array<string, mixed> a table of balls */
    private static function ballsTable(): array
    {
        return [
            'text' => "When,Back,Rolled\n2026-11-02 10:00,20,3",
            'day' => '2026-11-02',
            'zone' => 'UTC',
            'green_id' => null,
            'speed_ft' => null,
            'columns' => [
                ['place' => 0, 'field' => 'at', 'unit' => null],
                ['place' => 1, 'field' => 'backstroke_m', 'unit' => 'cm'],
                ['place' => 2, 'field' => 'roll_m', 'unit' => 'm'],
            ],
        ];
    }

    /** @return array<string, mixed> a file of records with one of some kinds */
    private static function records(): array
    {
        $times = ['created_at' => '2026-11-01 10:00:00', 'updated_at' => '2026-11-01 10:00:00'];
        [$green, $session] = [(string) Str::ulid(), (string) Str::ulid()];

        return [
            'format' => 'amble-records',
            'version' => 2,
            'of' => 'workspace',
            'name' => 'Other',
            'made_at' => '2026-11-01T10:00:00Z',
            'tables' => [
                'greens' => [
                    ['id' => $green, 'name' => 'Far lawn', 'surface' => 'grass', 'deleted_at' => null] + $times,
                ],
                'practice_sessions' => [
                    [
                        'id' => $session,
                        'student_id' => null,
                        'green_id' => $green,
                        'minutes' => 30,
                        'started_at' => '2026-11-01 10:00:00',
                    ] + $times,
                ],
                'session_events' => [
                    [
                        'id' => (string) Str::ulid(),
                        'practice_session_id' => $session,
                        'type' => 'station_set',
                        'version' => 1,
                        'payload' => ['station_id' => 'a', 'length_m' => 3.0, 'said' => '3 m'],
                        'at_ms' => 1_793_527_200_000,
                        'recorded_at' => '2026-11-01 10:00:00',
                    ],
                ],
                'hole_maps' => [['id' => (string) Str::ulid(), 'green_id' => $green] + self::holeMap() + $times],
                'saved_reads' => [
                    ['id' => (string) Str::ulid(), 'green_id' => $green, 'name' => 'Left', 'putt' => self::putt()] +
                    $times,
                ],
            ],
        ];
    }

    /** @return array<string, mixed> a mapped hole as it is kept */
    private static function holeMap(): array
    {
        return [
            'name' => 'Front left',
            'mark' => 'the boathouse',
            'noise_percent' => 0.25,
            'readings' => self::slopes(),
        ];
    }

    /** @return array<string, mixed> and as it is sent */
    private static function mapAsSent(): array
    {
        return ['name' => 'Front left', 'mark' => 'the boathouse', 'read_by' => 'phone', 'readings' => self::slopes()];
    }

    /** @return list<array<string, float|string>> */
    private static function slopes(): array
    {
        return [
            ['x_m' => 0.0, 'y_m' => 0.0, 'right_percent' => 0.5, 'up_percent' => 2.0, 'by' => 'typed'],
            ['x_m' => 0.0, 'y_m' => 3.0, 'right_percent' => 0.4, 'up_percent' => 2.2, 'by' => 'typed'],
        ];
    }
}
