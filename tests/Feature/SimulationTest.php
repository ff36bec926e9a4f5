<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Green\Surface;
use App\Models\BallRecord;
use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\StrokePriors;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A walk along is a session like any other, and nobody's record: it is told of nobody, and goes for good. */
final class SimulationTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    public function testItIsWalkedToItsEndCountsForNobodyAndIsClearedAway(): void
    {
        $real = $this->student($this->coach);
        $before = $this->getJson('/api/today')->json();
        $prior = app(StrokePriors::class)->of($real, Surface::Grass);
        $id = $this->walk('closing-gate');

        $workspace = $this->getJson('/api/today')->assertOk();
        self::assertSame($before['students'], $workspace->json('students'));
        self::assertSame([[], []], [$workspace->json('greens'), $workspace->json('sessions')]);
        self::assertSame($id, $workspace->json('simulation'));
        self::assertSame([], $this->getJson('/api/sessions')->json());
        self::assertEquals($prior, app(StrokePriors::class)->of($real, Surface::Grass));
        $records = $this->getJson('/api/records')->json('tables');
        self::assertSame(
            [1, 0, 0, 0],
            array_map(count(...), [
                $records['students'],
                $records['greens'],
                $records['practice_sessions'],
                $records['session_events'],
            ]),
        );

        // What it was made to do stands in its own look back.
        $session = PracticeSession::query()->findOrFail($id);
        self::assertNotNull($session->ended_at);
        self::assertGreaterThan(15, BallRecord::query()->count());
        self::assertStringContainsString(
            'short',
            (string) json_encode(
                $this->getJson("/api/sessions/$id/review")
                    ->assertOk()
                    ->json(),
            ),
        );

        $this->deleteJson("/api/simulation/$id")->assertNoContent();
        self::assertSame(
            [1, 0, 0, 0],
            [
                Student::withTrashed()->count(),
                Green::withTrashed()->count(),
                PracticeSession::withTrashed()->count(),
                BallRecord::query()->count(),
            ],
        );
    }

    public function testANewOneTakesThePlaceOfTheOldAndNothingRealIsWalkedOrCleared(): void
    {
        $first = $this->begin();
        $second = $this->begin();
        self::assertNotSame($first, $second);
        self::assertSame([$second], PracticeSession::query()->pluck('id')->all());
        $real = $this->practiceSession($this->coach, $this->student($this->coach));
        $this->getJson("/api/simulation/$real->id")->assertNotFound();
        $this->deleteJson("/api/simulation/$real->id")->assertNotFound();
        // Nothing made up becomes anybody's.
        $this->patchJson("/api/sessions/$second", ['student_id' => $real->student_id])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['student_id' => 'A simulated session keeps']);
        $ball = [
            'type' => 'putt_logged',
            'version' => 2,
            'roll_m' => 3.0,
            'stop' => 'free',
            'id' => (string) Str::ulid(),
            'at_ms' => (int) now()->getTimestampMs(),
        ];
        $this->postJson("/api/sessions/$second/events", ['events' => [$ball + ['student' => $real->student_id]]])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['events.0.student' => 'Only the simulated student']);
        $this->postJson("/api/sessions/$second/events", ['events' => [$ball]])->assertOk();
        $this->actingAs($this->coach('other@example.test'));
        $this->getJson("/api/simulation/$second")->assertNotFound();
    }

    private function begin(): string
    {
        return (string) $this->postJson('/api/simulation', ['id' => (string) Str::ulid()])
            ->assertOk()
            ->json('session_id');
    }

    /** Do whatever comes next, as the screens do. */
    private function walk(string $drill): string
    {
        $id = $this->begin();
        $seen = [];
        for ($steps = 0; $steps < 200; ++$steps) {
            $step = $this->getJson("/api/simulation/$id?drill=$drill&seen=" . implode(',', $seen))
                ->assertOk()
                ->json('step');
            if ($step === null) {
                return $id;
            }
            $at = ['at_ms' => (int) now()->getTimestampMs() + $steps];
            foreach ($step['events'] as $event) {
                $this->postJson("/api/sessions/$id/events", [
                    'events' => [
                        ['id' => (string) Str::ulid(), 'seen' => (object) ($event['seen'] ?? [])] +
                        $event +
                        $at +
                        ($step['place'] === 'drill' ? ['run_id' => $step['run_id']] : []),
                    ],
                ])->assertOk();
            }
            match (true) {
                $step['ramp'] !== null => $this->putJson("/api/sessions/$id/green-speed", [
                    'id' => ($reading ??= (string) Str::ulid()),
                    'method' => 'ramp',
                    'direction_1_m' => $step['ramp'][0],
                    'direction_2_m' => $step['ramp'][1],
                    'read_by' => 'simulated',
                ])->assertOk(),
                $step['drill'] !== null => $this->postJson("/api/sessions/$id/runs", [
                    'id' => (string) Str::ulid(),
                    'drill' => $step['drill'],
                ])->assertOk(),
                $step['notes'] !== null => $this->patchJson("/api/sessions/$id", [
                    'note_for_next' => $step['notes']['for_next'],
                ])->assertOk(),
                $step['ends'] => $this->patchJson("/api/sessions/$id", ['ended' => true])->assertOk(),
                $step['events'] === [] => ($seen[] = $step['key']),
                default => null,
            };
        }
        self::fail('It did not come to its end.');
    }
}
