<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Answers that take long are kept, and are never older than anything they rest on. */
final class CachedResponsesTest extends TestCase
{
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
        $this->log(
            ...array_map(static fn(int $i): array => ['target_m' => 3.0, 'roll_m' => 2.8 + 0.05 * $i], range(1, 6)),
        );
    }

    /** @param array<string, mixed> ...$balls */
    private function log(array ...$balls): void
    {
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => array_map(self::putt(...), array_values($balls)),
        ])->assertSuccessful();
    }

    private function lookOfStudent(): string
    {
        return (string) $this->getJson("api/students/{$this->student->id}/review")
            ->assertSuccessful()
            ->getContent();
    }

    public function testNothingIsWorkedOutTwice(): void
    {
        $first = $this->lookOfStudent();
        $queries = 0;
        DB::listen(static function () use (&$queries): void {
            ++$queries;
        });
        self::assertSame($first, $this->lookOfStudent());
        $kept = $queries;
        $this->getJson("api/students/{$this->student->id}/review?near_m=3")->assertSuccessful();
        self::assertLessThan($queries - $kept, $kept);
    }

    public function testABallACorrectionAndTakingItBackAreThereAtOnce(): void
    {
        $n = fn(): int => (int) $this->getJson("api/students/{$this->student->id}/review")->json('n');
        $average = fn(): float => (float) $this->getJson("api/students/{$this->student->id}/review")->json(
            'questions.0.findings.0.value',
        );
        self::assertSame(6, $n());
        $id = (string) Str::ulid();
        $this->log(['id' => $id, 'target_m' => 3.0, 'roll_m' => 6.0]);
        self::assertSame(7, $n());
        $far = $average();
        $at = (int) now()->getTimestampMs();
        $correction = (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [
                [
                    'id' => $correction,
                    'type' => 'putt_corrected',
                    'version' => 2,
                    'at_ms' => $at,
                    'putt_id' => $id,
                    'roll_m' => 3.0,
                    'stop' => 'free',
                    'target_m' => 3.0,
                    'seen' => (object) [],
                ],
            ],
        ])->assertSuccessful();
        self::assertLessThan($far, $average());
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [['id' => (string) Str::ulid(), 'type' => 'undone', 'at_ms' => $at + 1, 'event_id' => $id]],
        ])->assertSuccessful();
        self::assertSame(6, $n());
    }

    /** @param \Closure(self): void $change */
    #[DataProvider('changes')]
    public function testWhateverAnAnswerRestsOnMakesItAnew(string $path, \Closure $change): void
    {
        $path = strtr($path, ['{student}' => $this->student->id, '{session}' => $this->session->id]);
        $before = $this->getJson($path)->assertSuccessful()->getContent();
        self::assertSame($before, $this->getJson($path)->getContent());
        $change($this);
        self::assertNotSame($before, $this->getJson($path)->assertSuccessful()->getContent());
    }

    /** @return iterable<string, array{string, \Closure(self): void}> */
    public static function changes(): iterable
    {
        $atHole = static function (self $test): void {
            $drill = [
                'key' => 'in',
                'name' => 'In',
                'stations' => [['length_m' => 3]],
                'target' => 'hole',
                'balls_per_station' => 4,
                'pass' => ['kind' => 'holed'],
                'end' => ['kind' => 'all_stations'],
                'cap' => ['balls' => 9],
            ];
            $run = (string) Str::ulid();
            $test
                ->postJson("api/sessions/{$test->session->id}/runs", ['id' => $run, 'drill' => $drill])
                ->assertSuccessful();
            $test->log(['run_id' => $run, 'target_m' => 3.0, 'roll_m' => 3.2]);
        };
        yield 'a ball in a drill, of a session' => ['api/sessions/{session}/review', $atHole];
        yield "the student's own run-out" => [
            'api/students/{student}/review',
            static function (self $test) use ($atHole): void {
                $atHole($test);
                $test->lookOfStudent();
                $test
                    ->putJson("api/students/{$test->student->id}", self::studentCard(['finish_past_m' => 1.0]))
                    ->assertSuccessful();
            },
        ];
        yield "the student's own run-out, beside a session" => [
            'api/sessions/{session}/review',
            static function (self $test) use ($atHole): void {
                $atHole($test);
                $path = "api/sessions/{$test->session->id}/review";
                $before = $test->getJson($path)->getContent();
                $test
                    ->putJson("api/students/{$test->student->id}", self::studentCard(['finish_past_m' => 1.0]))
                    ->assertSuccessful();
                self::assertNotSame($before, $test->getJson($path)->getContent());
            },
        ];
        yield "the student's hand, beside a session" => [
            'api/sessions/{session}/review',
            static function (self $test): void {
                $low = array_fill(0, 6, [
                    'version' => 2,
                    'target_m' => 3.0,
                    'roll_m' => 3.2,
                    'across_percent' => 2.0,
                    'seen' => ['high_low' => 'low'],
                ]);
                $test->log(...$low);
                $path = "api/sessions/{$test->session->id}/review";
                $before = $test->getJson($path)->getContent();
                $test
                    ->putJson("api/students/{$test->student->id}", self::studentCard(['hand' => 'left']))
                    ->assertSuccessful();
                self::assertNotSame($before, $test->getJson($path)->getContent());
            },
        ];
        yield "the coach's number of sessions" => [
            'api/students/{student}/trend',
            static function (self $test): void {
                $test->putJson('api/me', ['unit' => 'feet', 'trend_sessions' => 5])->assertSuccessful();
            },
        ];
        yield 'a round' => [
            'api/students/{student}/stakes',
            static function (self $test): void {
                $holes = array_map(static fn(int $i): array => ['first_m' => $i, 'putts' => 2], range(1, 18));
                $test
                    ->postJson("api/students/{$test->student->id}/rounds", [
                        'played_on' => now()->toDateString(),
                        'is_from_memory' => false,
                        'holes' => $holes,
                    ])
                    ->assertSuccessful();
            },
        ];
        yield 'a green called otherwise' => [
            'api/students/{student}/trend',
            static function (self $test): void {
                $other = $test->practiceSession($test->coach, $test->student, $test->green($test->coach));
                $test
                    ->postJson("api/sessions/$other->id/events", ['events' => [self::putt(['target_m' => 3.0])]])
                    ->assertSuccessful();
                $with = $test->getJson("api/students/{$test->student->id}/trend")->getContent();
                $test
                    ->putJson("api/greens/$other->green_id", ['name' => 'Jetty green', 'surface' => 'grass'])
                    ->assertSuccessful();
                self::assertNotSame($with, $test->getJson("api/students/{$test->student->id}/trend")->getContent());
            },
        ];
        yield 'work on the green, noted later' => [
            'api/students/{student}/trend',
            static function (self $test): void {
                $other = $test->practiceSession($test->coach, $test->student, $test->session->green);
                $test
                    ->postJson("api/sessions/$other->id/events", ['events' => [self::putt(['target_m' => 3.0])]])
                    ->assertSuccessful();
                $without = $test->getJson("api/students/{$test->student->id}/trend")->getContent();
                $test
                    ->postJson("api/sessions/$other->id/events", [
                        'events' => [
                            [
                                'id' => (string) Str::ulid(),
                                'type' => 'condition_noted',
                                'at_ms' => (int) now()->getTimestampMs(),
                                'condition' => 'cored',
                            ],
                        ],
                    ])
                    ->assertSuccessful();
                self::assertNotSame($without, $test->getJson("api/students/{$test->student->id}/trend")->getContent());
            },
        ];
    }

    public function testWhatIsKeptForOneIsNotHandedToAnother(): void
    {
        $this->lookOfStudent();
        $this->actingAs($this->coach('other@example.test'))
            ->getJson("api/students/{$this->student->id}/review")
            ->assertNotFound();
    }
}
