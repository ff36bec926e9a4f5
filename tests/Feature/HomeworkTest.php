<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\HomeworkRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\BallRepository;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A student notes and asks behind a link that nobody else holds; the coach sees it and answers. */
final class HomeworkTest extends TestCase
{
    private Coach $coach;
    private Student $student;
    private string $link;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->actingAs($this->coach);
        $this->putJson("/api/students/{$this->student->id}/take-home-card", [
            'home_task' => 'Short ladder on the mat',
            'home_balls' => 12,
        ])->assertOk();
        $url = (string) $this->postJson("/api/students/{$this->student->id}/take-home-card/link", ['days' => 7])
            ->assertOk()
            ->json('link');
        $this->link = (string) preg_replace('#^.*/#', '', $url);
        app('auth')->forgetGuards();
    }

    public function testWhatIsNotedBehindTheLinkReachesTheCoachAndTheAnswerComesBack(): void
    {
        $this->getJson("/api/pocket/$this->link")
            ->assertOk()
            ->assertJson(['home_task' => 'Short ladder on the mat', 'home_balls' => 12, 'entries' => []]);
        $id = (string) Str::ulid();
        $done = ['id' => $id, 'kind' => 'done', 'at_ms' => (int) now()->getTimestampMs(), 'balls' => 12, 'passes' => 8];
        $this->note($done)->assertOk();
        // Sent again after a lost answer, it is there once.
        $this->note($done)->assertOk();
        $this->note(['kind' => 'question', 'text' => 'On a carpet too?'])->assertOk();
        self::assertSame(2, HomeworkRecord::query()->count());

        $this->actingAs($this->coach);
        self::assertSame(
            [['student_id' => $this->student->id, 'text' => 'On a carpet too?']],
            $this->getJson('/api/today')->json('questions'),
        );
        $remember = array_column(
            (array) $this->getJson("/api/students/{$this->student->id}/reminders")->json('lines'),
            'text',
        );
        self::assertContains('On a carpet too?', $remember);
        self::assertNotSame([], preg_grep('/1 time at home, counted by the student: 8 of 12/', $remember));
        $this->postJson("/api/students/{$this->student->id}/homework", [
            'id' => (string) Str::ulid(),
            'kind' => 'answer',
            'at_ms' => (int) now()->getTimestampMs() + 5,
            'text' => 'Yes, twelve.',
        ])
            ->assertOk()
            ->assertJsonPath('question', null);
        self::assertSame([], $this->getJson('/api/today')->json('questions'));
        self::assertSame('Yes, twelve.', $this->getJson("/api/pocket/$this->link")->json('entries.2.text'));
    }

    public function testAWithdrawnLinkIsDeadAtOnceAndNothingThroughItIsKept(): void
    {
        $this->actingAs($this->coach)
            ->deleteJson("/api/students/{$this->student->id}/take-home-card/link")
            ->assertOk();
        $this->note(['kind' => 'question', 'text' => 'Hello?'])->assertNotFound();
        $this->getJson("/api/pocket/$this->link")->assertNotFound();
        self::assertSame(0, HomeworkRecord::query()->count());
    }

    public function testNobodyAnswersForTheCoachOrNotesForTheStudentAndALinkFillsNoWorkspace(): void
    {
        $this->note(['kind' => 'answer', 'text' => 'As you like.'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['kind' => 'the coach']);
        $this->note(['kind' => 'done', 'balls' => 5, 'passes' => 9])
            ->assertStatus(422)
            ->assertJsonValidationErrors('passes');
        $this->actingAs($this->coach)
            ->postJson("/api/students/{$this->student->id}/homework", [
                'id' => (string) Str::ulid(),
                'kind' => 'done',
                'at_ms' => 1,
                'balls' => 5,
                'passes' => 1,
            ])
            ->assertStatus(422);
        $this->actingAs($this->coach('other@example.test'))
            ->getJson("/api/students/{$this->student->id}/homework")
            ->assertNotFound();
        $this->note([
            'kind' => 'done',
            'balls' => 5,
            'passes' => 1,
            'at_ms' => (int) CarbonImmutable::now()->addYear()->getTimestampMs(),
        ])->assertOk();
        self::assertLessThanOrEqual((int) now()->getTimestampMs(), HomeworkRecord::query()->sole()->at_ms);
        for ($i = 0; $i < 59; ++$i) {
            HomeworkRecord::query()->create([
                'workspace_id' => $this->student->workspace_id,
                'coach_id' => $this->coach->id,
                'student_id' => $this->student->id,
                'kind' => 'question',
                'at_ms' => $i,
                'text' => 'x',
            ]);
        }
        $this->note(['kind' => 'question', 'text' => 'Once more'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['kind' => 'enough']);
    }

    public function testADrillBeginsAtHomeUnderTheIdsItWasOfferedWithAndItsBallsStandApart(): void
    {
        $offered = $this->offer([
            'home_drill' => 'mat-steps',
            'home_balls' => 12,
            'home_target' => 8,
            'home_days' => 3,
            'home_cue' => 'One beat',
        ]);
        self::assertSame([12, null], [$offered['run']['drill']['cap']['balls'], $offered['session']['green']]);
        self::assertSame(0, PracticeSession::query()->count());
        $begin = ['id' => $offered['session']['id'], 'run_id' => $offered['run']['id']];
        $this->behind('POST', 'sessions', $begin)->assertOk()->assertJsonPath('is_home', true);
        $this->behind('POST', 'sessions', $begin)->assertOk();
        $next = $this->behind('GET', "sessions/{$begin['id']}/runs/{$begin['run_id']}")
            ->assertOk()
            ->assertJsonPath('seed', $offered['run']['seed'])
            ->json('next');
        self::assertEquals($offered['run']['next'], $next);
        foreach ([1, 1, 0, 1, 1, 0, 1, 1, 1, 0, 1, 1] as $isInside) {
            $this->roll($begin, $isInside === 1 ? $next['length_m'] : 2.0 * $next['length_m'])->assertOk();
            $run = $this->behind('GET', "sessions/{$begin['id']}/runs/{$begin['run_id']}")->json();
            $next = $run['next'] ?? $next;
        }
        self::assertSame(['done', 12, 9], [$run['phase'], $run['balls'], $run['passes']]);

        $this->actingAs($this->coach);
        $told = $this->getJson("/api/students/{$this->student->id}/homework")->assertOk();
        self::assertSame(
            [$run['balls'], $run['passes'], $begin['id']],
            [$told->json('entries.0.balls'), $told->json('entries.0.passes'), $told->json('entries.0.session_id')],
        );
        self::assertSame(
            'Short ladder on the mat; aim for 8 of 12; 3 days a week; cue: One beat.',
            $told->json('task.line'),
        );
        self::assertStringContainsString('on 1 of 3 days, 8 of 12 reached 1 time', $told->json('task.lately'));
        // What the student noted alone is looked back on as theirs, and tells nothing of what a coach saw.
        self::assertNotSame(
            [],
            $this->getJson("/api/sessions/{$begin['id']}/review")
                ->assertOk()
                ->json('balls'),
        );
        self::assertSame([], app(BallRepository::class)->ofStudent($this->student));
        self::assertSame(
            [],
            array_filter(
                $this->getJson('/api/today')->json('sessions'),
                static fn(array $one): bool => $one['ended_at'] === null,
            ),
        );
        self::assertTrue($this->getJson('/api/sessions')->json('0.is_home'));
    }

    public function testBehindTheLinkNothingElseIsOpenAndNothingElseIsNoted(): void
    {
        $offered = $this->offer(['home_drill' => 'mat-steps']);
        $begin = ['id' => $offered['session']['id'], 'run_id' => $offered['run']['id']];
        $this->behind('POST', 'sessions', $begin)->assertOk();
        // No word of the coach's on the student goes out with it.
        $this->student->update(['exception' => 'Keeps the press']);
        self::assertNull(
            $this->behind('GET', "sessions/{$begin['id']}")
                ->assertOk()
                ->json('student.exception'),
        );
        self::assertSame('Keeps the press', $this->student->refresh()->exception);
        $atBench = $this->coach
            ->practiceSessions()
            ->create(['student_id' => $this->student->id, 'started_at' => now()]);
        $this->behind('GET', "sessions/$atBench->id")->assertNotFound();
        $this->behind('POST', 'sessions', ['id' => $atBench->id, 'run_id' => (string) Str::ulid()])->assertNotFound();
        $this->behind('GET', "sessions/$atBench->id/runs/{$begin['run_id']}")->assertNotFound();
        $other = $this->student($this->coach);
        foreach (
            [
                ['type' => 'company_noted', 'student' => $other->id, 'standing' => 'here'],
                ['type' => 'putt_given', 'putt_id' => 'x', 'student' => $other->id],
            ]
            as $event
        ) {
            $this->behind('POST', "sessions/{$begin['id']}/events", [
                'events' => [$event + ['id' => (string) Str::ulid(), 'at_ms' => 1]],
            ])->assertStatus(422);
        }
        $this->getJson('/api/today')->assertUnauthorized();
        $this->actingAs($this->coach)
            ->deleteJson("/api/students/{$this->student->id}/take-home-card/link")
            ->assertOk();
        app('auth')->forgetGuards();
        foreach (['', "/sessions/{$begin['id']}", '/seen'] as $path) {
            $this->getJson("/api/pocket/$this->link$path")->assertNotFound();
        }
        $this->roll($begin, 2.0)->assertNotFound();
    }

    public function testALinkBeginsSoManyDrillsADayAndNoMoreBallsThanOneRolls(): void
    {
        $offered = $this->offer(['home_drill' => 'mat-steps']);
        $begin = ['id' => $offered['session']['id'], 'run_id' => $offered['run']['id']];
        $this->behind('POST', 'sessions', $begin)->assertOk();
        for ($i = 1; $i < 20; ++$i) {
            $this->behind('POST', 'sessions', [
                'id' => (string) Str::ulid(),
                'run_id' => (string) Str::ulid(),
            ])->assertOk();
        }
        $this->behind('POST', 'sessions', ['id' => (string) Str::ulid(), 'run_id' => (string) Str::ulid()])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['id' => 'enough for one day']);
        // One that was begun is begun still.
        $this->behind('POST', 'sessions', $begin)->assertOk();
        // At the workspace the coach begins as many as they like, and the next day the student does.
        $this->actingAs($this->coach)
            ->postJson('/api/sessions', ['id' => (string) Str::ulid(), 'student_id' => $this->student->id])
            ->assertSuccessful();
        app('auth')->forgetGuards();
        $this->travel(25)->hours();
        $this->behind('POST', 'sessions', ['id' => (string) Str::ulid(), 'run_id' => (string) Str::ulid()])->assertOk();

        $rows = array_map(
            static fn(int $i): array => [
                'id' => sprintf('01A%023d', $i),
                'practice_session_id' => $begin['id'],
                'logged_by' => '',
                'type' => 'undone',
                'version' => 1,
                'at_ms' => $i,
                'payload' => '{"event_id":"x"}',
                'recorded_at' => now(),
            ],
            range(1, 1999),
        );
        foreach (
            array_chunk(array_map(fn(array $row): array => ['logged_by' => $this->coach->id] + $row, $rows), 100)
            as $some
        ) {
            DB::table('session_events')->insert($some);
        }
        $this->roll($begin, 2.0)->assertOk();
        $this->roll($begin, 2.0)
            ->assertStatus(422)
            ->assertJsonValidationErrors(['events' => 'enough of one drill']);
    }

    public function testATaskThatMakesNoSenseIsRefusedAtItsField(): void
    {
        $this->actingAs($this->coach);
        $path = "/api/students/{$this->student->id}/take-home-card";
        $this->putJson($path, ['home_target' => 9, 'home_balls' => 8])
            ->assertStatus(422)
            ->assertJsonPath('errors.home_target.0', 'The target cannot be more than the balls of a day.');
        $this->putJson($path, ['home_target' => 9, 'home_balls' => null])
            ->assertStatus(422)
            ->assertJsonValidationErrors('home_balls');
        $this->putJson($path, ['home_days' => 8])
            ->assertStatus(422)
            ->assertJsonValidationErrors('home_days');
        // A drill that is no more in the workspace is not offered, and the words stand.
        $this->putJson($path, ['home_drill' => 'gone'])->assertOk();
        app('auth')->forgetGuards();
        $this->getJson("/api/pocket/$this->link")
            ->assertOk()
            ->assertJson(['home_task' => 'Short ladder on the mat', 'offered' => null]);
    }

    /**
     * @param array<string, mixed> $task
     *
     * @return array<string, mixed> what is offered behind the link
     */
    private function offer(array $task): array
    {
        $this->actingAs($this->coach)
            ->putJson("/api/students/{$this->student->id}/take-home-card", $task)
            ->assertOk();
        app('auth')->forgetGuards();

        return (array) $this->getJson("/api/pocket/$this->link")
            ->assertOk()
            ->json('offered');
    }

    /** @param array{id: string, run_id: string} $begun */
    private function roll(array $begun, float $metres): TestResponse
    {
        return $this->behind('POST', "sessions/{$begun['id']}/events", [
            'events' => [
                [
                    'id' => (string) Str::ulid(),
                    'at_ms' => (int) now()->getTimestampMs(),
                    'type' => 'putt_logged',
                    'version' => 2,
                    'run_id' => $begun['run_id'],
                    'backstroke_m' => 0.2,
                    'roll_m' => $metres,
                    'target_m' => null,
                    'stop' => 'free',
                    'grade_percent' => 0.0,
                    'across_percent' => null,
                    'mark' => null,
                    'cause' => null,
                    'seen' => new \stdClass(),
                ],
            ],
        ]);
    }

    /** @param array<string, mixed> $body */
    private function behind(string $method, string $path, array $body = []): TestResponse
    {
        return $this->json($method, "/api/pocket/$this->link/$path", $body);
    }

    /** @param array<string, mixed> $fields */
    private function note(array $fields): TestResponse
    {
        return $this->postJson(
            "/api/pocket/$this->link/entries",
            $fields + ['id' => (string) Str::ulid(), 'at_ms' => (int) now()->getTimestampMs()],
        );
    }
}
