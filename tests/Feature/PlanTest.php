<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A plan is proposed from what is known, kept with its session, and held against what happens. */
final class PlanTest extends TestCase
{
    private Coach $coach;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
        $this->session = $this->practiceSession($this->coach, $this->student($this->coach), $this->green($this->coach));
    }

    public function testAPlanIsProposedKeptAndRunWithTheTimeThatIsLeft(): void
    {
        $proposed = $this->propose(['minutes' => 45])->assertOk();
        self::assertSame('measure', $proposed->json('blocks.0.kind'));
        self::assertLessThanOrEqual(45, $proposed->json('planned'));
        $this->patchJson($this->path(), ['plan' => $this->kept($proposed) + ['junk' => str_repeat('x', 900)]])
            ->assertOk()
            ->assertJsonPath('plan.blocks.0.kind', 'measure');
        self::assertSame(['minutes', 'blocks'], array_keys($this->session->refresh()->plan ?? []));

        $this->putJson($this->path('green-speed'), [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 9.5,
        ])->assertOk();
        $told = $this->getJson($this->path('plan'))->assertOk();
        self::assertSame(
            ['done', 'to_come'],
            [$told->json('progress.blocks.0.state'), $told->json('progress.blocks.1.state')],
        );
        self::assertSame($told->json('progress.blocks.1.id'), $told->json('progress.next'));

        // Half an hour on, what is left does not fit, and the least worth is named.
        $this->travelTo(CarbonImmutable::now()->addMinutes(30));
        $late = $this->getJson($this->path('plan'))->assertOk();
        self::assertStringContainsString('matters least', $late->json('progress.says'));
        self::assertNotSame([], $late->json('progress.let_go'));
        $this->patchJson($this->path(), ['ended' => true])->assertOk();
        self::assertStringStartsWith(
            'Planned 45 minutes, took 30; 1 of',
            $this->getJson($this->path('plan'))->json('progress.says'),
        );
    }

    public function testWhatIsSetStandsOthersAreOfferedAndClashesAreSaid(): void
    {
        $own = [
            'id' => 'own',
            'kind' => 'line',
            'drill' => 'closing-gate',
            'name' => 'The gate',
            'minutes' => 9,
            'balls' => 20,
            'why' => 'Mine.',
            'is_locked' => true,
        ];
        $proposed = $this->propose(['minutes' => 30, 'bag' => [], 'blocks' => [$own]])->assertOk();
        $there = array_values(
            array_filter((array) $proposed->json('blocks'), static fn(array $block): bool => $block['id'] === 'own'),
        );
        self::assertSame([9, 20, true], [$there[0]['minutes'], $there[0]['balls'], $there[0]['is_locked']]);
        self::assertNotSame([], $there[0]['others']);
        self::assertSame('own', $proposed->json('clashes.0.block'));
        $this->propose(['minutes' => 0])
            ->assertStatus(422)
            ->assertJsonValidationErrors('minutes');
        $this->propose(['minutes' => 30, 'blocks' => [['minutes' => 'long'] + $own]])
            ->assertStatus(422)
            ->assertJsonValidationErrors('blocks.0.minutes');
        $this->patchJson($this->path(), ['plan' => ['minutes' => 30, 'blocks' => [$own, $own]]])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['plan.blocks' => 'same id']);
        $this->patchJson($this->path(), ['plan' => ['minutes' => 30, 'blocks' => [['kind' => 'nap'] + $own]]])
            ->assertStatus(422)
            ->assertJsonValidationErrors('plan.blocks.0.kind');
        self::assertNull($this->session->refresh()->plan);
    }

    public function testASessionPlannedAheadIsInNoListUntilItStartsAndTheNextOneOffersItsStations(): void
    {
        $student = $this->session->student;
        $this->postJson($this->path('events'), [
            'events' => [self::stationSet('a', 3.0), self::stationSet('b', 6.0)],
        ])->assertOk();
        $this->session->update(['note_for_next' => 'Longer.', 'ended_at' => now()]);
        $this->travelTo(CarbonImmutable::now()->addDay());

        $planned = (string) Str::ulid();
        $this->postJson('/api/sessions', [
            'id' => $planned,
            'student_id' => $student?->id,
            'is_planned' => true,
            'minutes' => 60,
        ])
            ->assertOk()
            ->assertJsonPath('is_planned', true)
            ->assertJsonPath('minutes', 60);
        $this->patchJson("/api/sessions/$planned", [
            'plan' => $this->kept(
                $this->postJson("/api/sessions/$planned/plan", [
                    'minutes' => 60,
                    'has_hole' => true,
                    'bag' => null,
                    'blocks' => [],
                    'without' => [],
                ])->assertOk(),
            ),
        ])->assertOk();
        self::assertNotContains($planned, $this->getJson('/api/today')->json('sessions.*.id'));
        self::assertNotContains($planned, $this->getJson('/api/sessions')->json('*.id'));
        $this->getJson('/api/today')->assertJsonPath('planned', [['id' => $planned, 'student_id' => $student?->id]]);

        // What is only planned is no session of last time.
        $this->travelTo(CarbonImmutable::now()->addDay());
        $other = $this->practiceSession($this->coach, $student);
        $this->getJson("/api/sessions/{$other->id}")
            ->assertJsonPath('last_note', 'Longer.')
            ->assertJsonPath('last_stations.*.length_m', [3, 6]);

        $this->patchJson("/api/sessions/$planned", ['started' => true])
            ->assertOk()
            ->assertJsonPath('is_planned', false)
            ->assertJsonPath('started_at', CarbonImmutable::now()->toIso8601ZuluString());
        self::assertContains($planned, $this->getJson('/api/today')->json('sessions.*.id'));
        self::assertNotNull($this->getJson("/api/sessions/$planned")->json('plan'));
        $this->getJson('/api/today')->assertJsonPath('planned', []);
    }

    public function testWhatHappensInAPlannedSessionStartsIt(): void
    {
        $planned = (string) Str::ulid();
        $this->postJson('/api/sessions', ['id' => $planned, 'is_planned' => true])->assertOk();
        $this->postJson("/api/sessions/$planned/events", ['events' => [self::stationSet('a', 3.0)]])->assertOk();
        $this->getJson("/api/sessions/$planned")->assertJsonPath('is_planned', false);
    }

    /** @return array<string, mixed> */
    private static function stationSet(string $station, float $metres): array
    {
        return [
            'type' => 'station_set',
            'version' => 1,
            'id' => (string) Str::ulid(),
            'at_ms' => (int) CarbonImmutable::now()->getTimestampMs(),
            'station_id' => $station,
            'length_m' => $metres,
            'said' => "$metres m",
            'grade_percent' => null,
        ];
    }

    public function testMinutesOfADrillAreLearnedFromWhatItTookHere(): void
    {
        $drill = $this->getJson('/api/drills')->json('library');
        $six = array_values(
            array_filter(
                (array) $drill,
                static fn(array $card): bool => $card['drill']['key'] === 'six-before-the-round',
            ),
        )[0]['drill'];
        $run = (string) Str::ulid();
        $this->postJson($this->path('runs'), ['id' => $run, 'drill' => $six])->assertOk();
        $at = (int) CarbonImmutable::now()->subHours(2)->getTimestampMs();
        $balls = array_map(
            static fn(int $i): array => [
                'type' => 'putt_logged',
                'version' => 2,
                'id' => (string) Str::ulid(),
                'at_ms' => $at + 60_000 * $i,
                'run_id' => $run,
                'target_m' => 3.0,
                'roll_m' => 3.1,
                'stop' => 'free',
            ],
            range(0, 5),
        );
        $this->postJson($this->path("runs/$run/events"), ['events' => $balls])->assertOk();
        $others = (array) $this->propose([
            'minutes' => 5,
            'blocks' => [
                [
                    'id' => 'a',
                    'kind' => 'pace',
                    'drill' => 'edge-in-brief',
                    'name' => 'Edge',
                    'minutes' => 3,
                    'balls' => 9,
                    'why' => 'w',
                    'is_locked' => true,
                ],
            ],
        ])
            ->assertOk()
            ->json('blocks.0.others');
        $learned = array_values(
            array_filter($others, static fn(array $other): bool => $other['drill'] === 'six-before-the-round'),
        );
        // Two sessions' worth of its own 3 minutes and one of 6.
        self::assertSame([4, 1], [$learned[0]['minutes'], $learned[0]['learned_from']]);
    }

    public function testTheEndIsDraftedFromWhatHappenedAndGoesOnTheTakeHomeCard(): void
    {
        self::assertStringNotContainsString(
            'Distance: ',
            $this->getJson($this->path('debrief'))->assertOk()->json('debrief.for_student'),
        );
        $this->putJson($this->path('green-speed'), [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 9.5,
        ])->assertOk();
        $now = (int) CarbonImmutable::now()->getTimestampMs();
        $balls = array_map(
            static fn(int $i): array => [
                'type' => 'putt_logged',
                'version' => 2,
                'id' => (string) Str::ulid(),
                'at_ms' => $now + $i,
                'target_m' => 4.0,
                'roll_m' => 3.3 + 0.02 * ($i % 5),
                'stop' => 'free',
                'seen' => ['start' => $i % 4 === 0 ? 'left' : 'right'],
            ],
            range(0, 23),
        );
        $this->postJson($this->path('events'), ['events' => $balls])->assertOk();
        $debrief = $this->getJson($this->path('debrief'))->assertOk();
        self::assertStringContainsString('Distance: ', $debrief->json('debrief.for_student'));
        self::assertStringContainsString('short', $debrief->json('debrief.for_student'));
        self::assertStringContainsString('Start line: ', $debrief->json('debrief.for_student'));
        self::assertStringContainsString('balls, 3 days a week.', $debrief->json('debrief.home_task'));
        $home = collect($this->getJson('/api/drills')->json('library'))
            ->pluck('drill')
            ->firstWhere('key', $debrief->json('debrief.home_drill'));
        self::assertNotNull($home);
        self::assertLessThanOrEqual(
            4.0,
            max(
                array_map(
                    static fn(array $station): float => $station['to_m'] ?? $station['length_m'],
                    $home['stations'],
                ),
            ),
            'a carpet is no longer',
        );

        $student = $this->session->student_id;
        $this->putJson("/api/students/$student/take-home-card", [
            'speed_1_m' => 2.8,
            'speed_2_m' => null,
            'work_on' => 'Old',
            'home_task' => 'Old task',
            'next_on' => null,
        ])->assertOk();
        $this->patchJson($this->path(), [
            'ended' => true,
            'note_for_next' => 'b',
            'pocket' => ['work_on' => 'Further back', 'next_on' => '2026-12-24'],
        ])->assertOk();
        $card = $this->getJson("/api/students/$student/take-home-card")->assertOk();
        self::assertSame(
            ['Further back', 'Old task', '2026-12-24', 2.8],
            [
                $card->json('card.work_on'),
                $card->json('card.home_task'),
                $card->json('card.next_on'),
                $card->json('speed_1_m'),
            ],
        );
        $this->patchJson($this->path(), ['pocket' => ['work_on' => str_repeat('x', 301)]])
            ->assertStatus(422)
            ->assertJsonValidationErrors('pocket.work_on');
    }

    public function testARotaLeadsWhoIsHereRoundTheStationsOfThePlan(): void
    {
        $others = array_map(
            fn(string $name): Student => $this->coach->students()->create(self::studentCard(['name' => $name])),
            ['Ben Oke', 'Cy Dann', 'Di Fenn'],
        );
        $now = (int) CarbonImmutable::now()->getTimestampMs();
        $this->postJson($this->path('events'), [
            'events' => array_map(
                static fn(Student $student, int $i): array => [
                    'type' => 'company_noted',
                    'id' => (string) Str::ulid(),
                    'at_ms' => $now + $i,
                    'student' => $student->id,
                    'standing' => $i === 2 ? 'gone' : 'here',
                ],
                $others,
                [0, 1, 2],
            ),
        ])->assertOk();
        // Without a plan everybody goes round, and no drill is named.
        $bare = $this->getJson($this->path('rota') . '?stations=2')->assertOk();
        self::assertSame([[], []], [$bare->json('drills'), $bare->json('kit')]);
        self::assertCount(2, $bare->json('turns'));

        $block = static fn(string $id, string $drill, bool $isDropped = false): array => [
            'id' => $id,
            'kind' => 'pace',
            'drill' => $drill,
            'name' => $drill,
            'minutes' => 9,
            'balls' => 12,
            'why' => 'w',
            'is_locked' => true,
            'is_dropped' => $isDropped,
        ];
        $this->patchJson($this->path(), [
            'plan' => [
                'minutes' => 30,
                'blocks' => [
                    $block('a', 'closing-gate'),
                    $block('b', 'six-before-the-round', true),
                    $block('c', 'edge-in-brief'),
                    $block('d', 'nobodys-drill'),
                ],
            ],
        ])->assertOk();
        $rota = $this->getJson($this->path('rota') . '?stations=3')->assertOk();
        $names = array_column((array) $this->getJson('/api/drills')->json('library'), 'drill');
        $named = array_column($names, 'name', 'key');
        // What was dropped has no station; with more stations than drills they come round again.
        self::assertSame(
            [$named['closing-gate'], $named['edge-in-brief'], $named['closing-gate']],
            $rota->json('drills'),
        );
        self::assertNotSame([], $rota->json('kit'));
        foreach ($rota->json('turns') as $turn) {
            self::assertEqualsCanonicalizing(
                [$this->session->student?->name, 'Ben Oke', 'Cy Dann'],
                array_merge(...$turn),
                'who went is nowhere, everybody else once',
            );
        }
        foreach ([0, 25, 'many'] as $stations) {
            $this->getJson($this->path('rota') . "?stations=$stations")->assertJsonValidationErrors('stations');
        }
    }

    /** @param array<string, mixed> $body */
    private function propose(array $body): TestResponse
    {
        return $this->postJson($this->path('plan'), $body);
    }

    private function path(string $end = ''): string
    {
        return rtrim("/api/sessions/{$this->session->id}/$end", '/');
    }

    /** @return array<string, mixed> as a screen keeps it */
    private function kept(TestResponse $proposed): array
    {
        return [
            'minutes' => $proposed->json('minutes'),
            'blocks' => array_map(
                static fn(array $block): array => array_diff_key($block, array_flip(['label', 'dose', 'others'])),
                (array) $proposed->json('blocks'),
            ),
        ];
    }
}
