<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Benchmark;
use App\Models\Coach;
use App\Models\Putter;
use App\Models\Round;
use App\Models\SessionEventRecord;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Every record is its coach's; to anybody else it does not exist. */
final class OwnershipTest extends TestCase
{
    /** @param array<string, mixed> $body */
    #[DataProvider('doors')]
    public function testAnotherCoachsRecordIsNotThere(string $method, string $path, array $body): void
    {
        [$owner, $other] = [$this->coach(), $this->coach('other@example.test')];
        $this->json($method, $this->path($path, $owner), $body)->assertUnauthorized();
        $this->actingAs($other)->json($method, $this->path($path, $owner), $body)->assertNotFound();
        self::assertSame(0, SessionEventRecord::query()->count());
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function doors(): iterable
    {
        yield 'change a student' => ['PUT', 'students/{student}', self::studentCard()];
        yield 'remove a student' => ['DELETE', 'students/{student}', []];
        yield 'change a green' => ['PUT', 'greens/{green}', ['name' => 'Mine', 'surface' => 'mat']];
        yield 'the stations of a green' => ['GET', 'greens/{green}/stations', []];
        yield 'remove a green' => ['DELETE', 'greens/{green}', []];
        yield 'see a session' => ['GET', 'sessions/{session}', []];
        yield 'change a session' => ['PATCH', 'sessions/{session}', ['minutes' => 5]];
        yield 'take a reading' => [
            'PUT',
            'sessions/{session}/green-speed',
            ['id' => '01M4G0000000000000000000AA', 'method' => 'unknown'],
        ];
        yield 'log a ball' => ['POST', 'sessions/{session}/events', ['events' => [self::putt()]]];
        yield 'change a drill' => ['PUT', 'drills/{drill}', ['drill' => []]];
        yield 'remove a drill' => ['DELETE', 'drills/{drill}', []];
        yield 'start a drill' => [
            'POST',
            'sessions/{session}/runs',
            ['id' => '01M4G0000000000000000000AB', 'drill' => []],
        ];
        yield 'see a run' => ['GET', 'sessions/{session}/runs/{run}', []];
        yield 'log to a run' => ['POST', 'sessions/{session}/runs/{run}/events', ['events' => [self::putt()]]];
        yield 'what a session found' => ['GET', 'sessions/{session}/findings', []];
        yield 'what a student found' => ['GET', 'students/{student}/findings', []];
        yield 'look back' => ['GET', 'sessions/{session}/stroke', []];
        foreach (
            [
                'review',
                'review.csv',
                'trend',
                'trend.csv',
                'comparison',
                'comparison.csv',
                'rounds',
                'rounds.csv',
                'stakes',
                'take-home-card',
                'current-goals',
                'profile',
                'checks',
                'checks.csv',
                'reminders',
                'putters',
            ]
            as $part
        ) {
            yield "a student's $part" => ['GET', "students/{student}/$part", []];
        }
        yield 'what a session answers' => ['GET', 'sessions/{session}/review', []];
        yield 'the same as a file' => ['GET', 'sessions/{session}/review.csv', []];
        $round = ['played_on' => '2026-11-01', 'is_from_memory' => true, 'holes' => [['putts' => 2]]];
        yield 'note a round' => ['POST', 'students/{student}/rounds', $round];
        yield 'change a round' => ['PUT', 'rounds/{round}', $round];
        yield 'strike a round out' => ['DELETE', 'rounds/{round}', []];
        yield 'change a yardstick' => [
            'PUT',
            'benchmarks/{benchmark}',
            ['figure' => 'putts_per_18', 'value' => 33, 'source' => 'Mine'],
        ];
        yield 'drop a yardstick' => ['DELETE', 'benchmarks/{benchmark}', []];
        yield 'change what is kept of a student' => ['PUT', 'students/{student}/profile', ['handicap' => 3]];
        yield 'add a putter' => ['POST', 'students/{student}/putters', ['name' => 'Mine']];
        yield 'change a putter' => ['PUT', 'putters/{putter}', ['name' => 'Mine']];
        yield 'use a putter' => ['POST', 'putters/{putter}/use', []];
        yield 'drop a putter' => ['DELETE', 'putters/{putter}', []];
        yield 'change what is in work' => ['PUT', 'students/{student}/current-goals', ['goal' => 'Mine']];
        yield 'change a pocket card' => ['PUT', 'students/{student}/take-home-card', ['work_on' => 'Mine']];
        yield 'open a pocket card' => ['POST', 'students/{student}/take-home-card/link', ['days' => 7]];
        yield 'withdraw a pocket card' => ['DELETE', 'students/{student}/take-home-card/link', []];
    }

    public function testASessionCannotBeGivenAnotherCoachsStudentOrGreen(): void
    {
        [$owner, $other] = [$this->coach(), $this->coach('other@example.test')];
        $session = $this->practiceSession($other);
        $this->actingAs($other)
            ->patchJson("api/sessions/$session->id", ['student_id' => $this->student($owner)->id])
            ->assertJsonValidationErrors('student_id');
        $this->patchJson("api/sessions/$session->id", [
            'green_id' => $this->green($owner)->id,
        ])->assertJsonValidationErrors('green_id');
        $this->postJson('api/sessions', ['id' => $this->practiceSession($owner)->id])->assertNotFound();
    }

    public function testTheWorkspaceShowsOnlyOnesOwn(): void
    {
        [$owner, $other] = [$this->coach(), $this->coach('other@example.test')];
        $student = $this->student($owner);
        $this->practiceSession($owner, $student, $this->green($owner));
        $student->update(['about' => ['keep_until' => '2026-01-31']]);
        self::assertCount(1, $this->actingAs($owner)->getJson('api/today')->json('past_retention'));
        $told = (array) $this->actingAs($other)->getJson('api/today')->assertOk()->json();
        self::assertEquals(
            [
                'students' => [],
                'questions' => [],
                'simulation' => null,
                'greens' => [],
                'sessions' => [],
                'past_retention' => [],
                'planned' => [],
            ],
            array_diff_key($told, ['grasses' => 0, 'conditions' => 0]),
        );
    }

    private function path(string $path, Coach $owner): string
    {
        $session = $this->practiceSession($owner);
        $run = $session
            ->runs()
            ->create(['id' => (string) Str::ulid(), 'coach_id' => $owner->id, 'definition' => '{}', 'seed' => 1]);

        $made = ['workspace_id' => $owner->workspace_id, 'coach_id' => $owner->id];

        return 'api/' .
            strtr($path, [
                '{round}' => Round::query()->create(
                    $made + ['student_id' => $this->student($owner)->id, 'played_on' => '2026-11-01', 'holes' => []],
                )->id,
                '{benchmark}' => Benchmark::query()->create(
                    $made + ['figure' => 'putts_per_18', 'value' => 33.0, 'source' => 'Theirs'],
                )->id,
                '{putter}' => Putter::query()->create(
                    $made + ['student_id' => $this->student($owner)->id, 'name' => 'Theirs'],
                )->id,
                '{drill}' => $owner->drills()->create(['name' => 'Mine', 'definition' => '{}'])->id,
                '{run}' => $run->id,
                '{student}' => $this->student($owner)->id,
                '{green}' => $this->green($owner)->id,
                '{session}' => $session->id,
            ]);
    }
}
