<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SavedRead;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

final class GreenReadingTest extends TestCase
{
    private const PUTT = [
        'length_m' => 4.0,
        'speed_m' => 3.0,
        'pace_m' => 0.3,
        'pace_point_m' => null,
        'slope' => ['by' => 'clock', 'hour' => 3.0, 'steep_percent' => 2.0],
        'tier' => null,
        'grain' => null,
    ];

    /** @param array<string, mixed> $putt */
    private function path(array $putt, string $more = ''): string
    {
        return '/api/putt-read?putt=' . rawurlencode(json_encode($putt + self::PUTT, JSON_THROW_ON_ERROR)) . $more;
    }

    public function testAPuttIsReadAndSaysTheSameOfGroundSaidInThreeWays(): void
    {
        $this->actingAs($this->coach());
        $clock = $this->getJson($this->path([]))->assertOk();
        // From 3 the hill stands to the right: 2 % across, none along.
        self::assertEqualsWithDelta([0.0, 2.0], [$clock->json('along_percent'), $clock->json('across_percent')], 1e-9);
        $grades = $this->getJson(
            $this->path(['slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 2.0]]),
        );
        $feet = $this->getJson(
            $this->path([
                'slope' => [
                    'by' => 'feet',
                    'higher' => 'right',
                    'by_m' => 0.008,
                    'stance_m' => 0.4,
                    'along_percent' => 0.0,
                ],
            ]),
        );
        self::assertEqualsWithDelta($clock->json('lines.0.aim_m'), $grades->json('lines.0.aim_m'), 1e-6);
        self::assertEqualsWithDelta($clock->json('lines.0.aim_m'), $feet->json('lines.0.aim_m'), 1e-6);
        self::assertStringContainsString('It breaks left.', $clock->json('words.0'));
    }

    public function testAFieldThatCannotBeUsedIsNamed(): void
    {
        $this->actingAs($this->coach());
        foreach (
            [
                'slope.along_percent' => ['slope' => ['by' => 'grades', 'along_percent' => 300, 'across_percent' => 0]],
                'slope.by_m' => ['slope' => ['by' => 'feet', 'higher' => 'left', 'by_m' => -1, 'along_percent' => 0]],
                'length_m' => ['length_m' => 0],
                'pace_point_m' => ['pace_point_m' => 4.0],
                'tier.run_m' => ['tier' => ['height_m' => 0.5, 'run_m' => 0.1, 'start_m' => 1]],
                'grain.worn' => ['grain' => ['worn' => 'sunny']],
            ]
            as $field => $putt
        ) {
            $this->getJson($this->path($putt))->assertUnprocessable()->assertJsonValidationErrors($field);
        }
        $this->getJson('/api/putt-read?putt=' . str_repeat('{', 30))->assertUnprocessable();
    }

    public function testReadsOfAGreenAreItsWorkspacesAndAreKeptOnce(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $green = $coach->greens()->create(['name' => 'Far lawn', 'surface' => 'grass']);
        $read = ['id' => (string) Str::ulid(), 'name' => 'By the slipway', 'putt' => self::PUTT];
        $this->postJson("/api/greens/$green->id/reads", $read)->assertSuccessful();
        $this->postJson("/api/greens/$green->id/reads", $read)->assertSuccessful();
        $kept = $this->getJson("/api/greens/$green->id/reads")
            ->assertOk()
            ->assertJsonCount(1);
        self::assertSame(0.3, $kept->json('0.putt.pace_m'));
        self::assertStringContainsString('outside the right edge', $kept->json('0.word'));
        $this->postJson("/api/greens/$green->id/reads", ['name' => 'No', 'putt' => ['length_m' => 'long'] + self::PUTT])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('putt.length_m');
        $this->postJson("/api/greens/$green->id/reads", ['name' => str_repeat('a', 81), 'putt' => self::PUTT])
            ->assertUnprocessable()
            ->assertJsonPath('errors.name.0', 'The name must be at most 80 letters long.');
        self::assertSame(1, SavedRead::query()->count());
        $this->putJson("/api/reads/{$read['id']}", ['name' => 'By the oak', 'putt' => self::PUTT])
            ->assertOk()
            ->assertJsonPath('putt.slope.measured_by', null);
        // What a device read is kept as its reading.
        $levelled =
            [
                'slope' => [
                    'by' => 'grades',
                    'along_percent' => 1.0,
                    'across_percent' => 2.0,
                    'measured_by' => 'Simulated level',
                ],
            ] + self::PUTT;
        $this->putJson("/api/reads/{$read['id']}", ['name' => 'By the oak', 'putt' => $levelled])
            ->assertOk()
            ->assertJsonPath('putt.slope.measured_by', 'Simulated level');

        $this->actingAs($this->coach('other@example.test'));
        $this->getJson("/api/greens/$green->id/reads")->assertNotFound();
        $this->deleteJson("/api/reads/{$read['id']}")->assertNotFound();
        $this->actingAs($coach)
            ->deleteJson("/api/reads/{$read['id']}")
            ->assertNoContent();
        self::assertSame(0, SavedRead::query()->count());
    }

    public function testAStudentOfAnotherWorkspaceIsNotReadFor(): void
    {
        $this->actingAs($this->coach());
        $other = $this->student($this->coach('other@example.test'));
        $this->getJson($this->path([], "&student=$other->id"))
            ->assertUnprocessable()
            ->assertJsonValidationErrors('student');
    }

    public function testGuessesMakeALevelAndAHabitAndAreKeptOnce(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $student = $this->student($coach);
        $path = "/api/students/$student->id/quiz";
        $ten = $this->getJson("$path?from=left&order=blocked&turn=7")->assertOk();
        self::assertSame(
            [10, 1, 0],
            [count($ten->json('putts')), $ten->json('standing.level'), $ten->json('standing.guesses')],
        );
        self::assertSame($ten->json('putts'), $this->getJson("$path?from=left&order=blocked&turn=7")->json('putts'));
        self::assertSame($ten->json('putts.0'), $ten->json('putts.4'));

        // Somebody who calls seven tenths of the break, at the right pace.
        for ($i = 0; $i < 10; ++$i) {
            $putt = $this->getJson("$path?turn=$i")->json('putts.0');
            $line = $this->getJson('/api/putt-read?putt=' . rawurlencode((string) json_encode($putt)))->json('lines.0');
            $told = [
                'id' => (string) Str::ulid(),
                'putt' => $putt,
                'aim_m' => 0.7 * $line['aim_m'],
                'plays_m' => $line['plays_like_m'],
            ];
            $guess = $this->postJson($path, $told)->assertOk();
            self::assertTrue($guess->json('is_pace_right'));
        }
        self::assertSame($guess->json(), $this->postJson($path, $told)->json());
        self::assertSame(10, $guess->json('standing.guesses'));
        self::assertEqualsWithDelta(-0.3, $guess->json('standing.findings.0.value'), 0.01);
        // A wrong one counts like any other.
        $wrong = $this->postJson($path, [
            'id' => (string) Str::ulid(),
            'aim_m' => -3.0,
            'plays_m' => 1.0,
            'putt' => $putt,
        ])->assertOk();
        self::assertSame([false, 11], [$wrong->json('is_right'), $wrong->json('standing.guesses')]);
        $this->postJson($path, ['id' => (string) Str::ulid(), 'aim_m' => 'wide', 'plays_m' => 3, 'putt' => $putt])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('aim_m');
        $this->actingAs($this->coach('other@example.test'))->getJson($path)->assertNotFound();
    }

    public function testALevelThatWasClimbedToStaysHoweverManyGuessesFollow(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $student = $this->student($coach);
        $row = [
            'workspace_id' => $coach->workspace_id,
            'coach_id' => $coach->id,
            'student_id' => $student->id,
            'putt' => json_encode(self::PUTT, JSON_THROW_ON_ERROR),
            'called_aim_m' => 0.3,
            'called_plays_m' => 4.3,
        ];
        // Up five levels, then 70 guesses of which seven in ten are right: neither up nor down.
        for ($i = 0; $i < 120; ++$i) {
            DB::table('guesses')->insert(
                [
                    'id' => (string) Str::ulid(),
                    'is_right' => $i < 50 || $i % 10 < 7,
                    'created_at' => now()->addSeconds($i),
                    'updated_at' => now(),
                ] + $row,
            );
        }
        $standing = $this->getJson("/api/students/$student->id/quiz")
            ->assertOk()
            ->json('standing');
        self::assertSame([6, 120, 7], [$standing['level'], $standing['guesses'], $standing['right']]);
    }

    public function testTheSlopeThatMissesAskForIsOfferedToItsStationUntilItIsTaken(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $session = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $this->putJson("/api/sessions/$session->id/green-speed", [
            'id' => (string) Str::ulid(),
            'method' => 'estimated',
            'speed_ft' => 9.5,
        ])->assertOk();
        $log = fn(array $event) => $this->postJson("/api/sessions/$session->id/events", [
            'events' => [$event + ['id' => (string) Str::ulid(), 'at_ms' => (int) now()->getTimestampMs()]],
        ])->assertOk();
        $station = [
            'type' => 'station_set',
            'station_id' => 'S1',
            'length_m' => 4.0,
            'said' => '4 m',
            'grade_percent' => null,
            'across_percent' => null,
        ];
        $log($station);
        foreach ([0.28, 0.3, 0.32, 0.31, 0.29] as $side) {
            // Aimed 10 cm right of the hole, it ended so far left: the ground rises to the right.
            $log([
                'type' => 'putt_logged',
                'version' => 2,
                'target_m' => 4.0,
                'roll_m' => 4.2,
                'stop' => 'free',
                'seen' => ['read_side' => 'left', 'read_amount_m' => 0.1, 'side_m' => -$side],
            ]);
        }
        [$offer] = (array) $this->getJson("/api/sessions/$session->id/slopes")
            ->assertOk()
            ->json();
        self::assertSame(['S1', 5], [$offer['station_id'], $offer['n']]);
        self::assertGreaterThan(0.8, $offer['across_percent']);
        $log(['across_percent' => $offer['across_percent']] + $station);
        self::assertSame([], $this->getJson("/api/sessions/$session->id/slopes")->json());
    }

    public function testWhatToLookForGoesByTheGreensGrassAndTheStudentsPreference(): void
    {
        $coach = $this->coach();
        $this->actingAs($coach);
        $student = $this->student($coach);
        $green = $this->postJson('/api/greens', ['name' => 'Lower lawn', 'surface' => 'grass', 'grass' => 'bermuda'])
            ->assertSuccessful()
            ->json('id');
        $titles = fn(string $query): array => array_column(
            $this->getJson("/api/putt-read/hints?$query")
                ->assertOk()
                ->json(),
            'title',
        );
        self::assertSame(['Imagine water'], $titles(''));
        self::assertSame(['Imagine water', 'Look at the grass'], $titles("green=$green"));
        $this->putJson("/api/students/$student->id/profile", [
            'schools' => ['grain' => 'part', 'off_green' => 'grass'],
        ])->assertOk();
        self::assertSame(['Imagine water'], $titles("green=$green&student=$student->id"));
        // The same school decides off the green.
        $this->getJson(
            "/api/roll-or-chip?slope=levels&lie=fringe&rough_m=0.2&room_m=6&student=$student->id",
        )->assertJson(['advice' => 'roll']);
        $this->getJson('/api/roll-or-chip?slope=levels&lie=fringe&rough_m=0.2&room_m=6')->assertJson([
            'advice' => 'chip',
        ]);
        $this->postJson('/api/greens', ['name' => 'Mat', 'surface' => 'mat', 'grass' => 'bent'])
            ->assertStatus(422)
            ->assertJsonPath('errors.grass.0', 'A mat has no grass.');
        $other = $this->student($this->coach('other@amble.invalid'));
        $this->getJson("/api/putt-read/hints?student=$other->id")
            ->assertStatus(422)
            ->assertJsonValidationErrors('student');
    }

    public function testOffTheGreenIsAnsweredInWordsOrRefusedAtItsField(): void
    {
        $this->actingAs($this->coach());
        $this->getJson('/api/roll-or-chip?slope=falls&lie=rough&rough_m=1&room_m=6')
            ->assertOk()
            ->assertJson(['advice' => 'roll']);
        $this->getJson('/api/roll-or-chip?slope=cliff&lie=rough&rough_m=1&room_m=90')
            ->assertStatus(422)
            ->assertJsonValidationErrors(['slope', 'room_m']);
    }
}
