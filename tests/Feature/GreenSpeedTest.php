<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Which reading stands when, and for which ball. */
final class GreenSpeedTest extends TestCase
{
    private Coach $coach;
    private Green $green;
    private PracticeSession $session;
    private CarbonImmutable $noon;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->green = $this->green($this->coach);
        $this->session = $this->practiceSession($this->coach, null, $this->green);
        $this->noon = CarbonImmutable::parse('2026-11-20 12:00');
    }

    private function reading(float $feet, int $minutesFromNoon, ?PracticeSession $session = null): GreenSpeedMeasurement
    {
        return GreenSpeedMeasurement::query()->create([
            'workspace_id' => $this->coach->workspace_id,
            'coach_id' => $this->coach->id,
            'green_id' => $this->green->id,
            'practice_session_id' => ($session ?? $this->session)->id,
            'method' => 'estimated',
            'entries' => ['speed_ft' => $feet],
            'speed_m' => $feet * 0.3048,
            'is_level' => false,
            'warnings' => [],
            'taken_at' => $this->noon->addMinutes($minutesFromNoon),
        ]);
    }

    public function testTheWorkspaceShowsTheReadingThatStandsForEachGreen(): void
    {
        $this->reading(8.0, 0);
        $this->reading(9.5, 30);
        $this->green($this->coach, 'mat');
        $greens = collect($this->actingAs($this->coach)->getJson('api/today')->assertSuccessful()->json('greens'));
        self::assertEqualsWithDelta(9.5 * 0.3048, $greens->firstWhere('surface', 'grass')['reading']['speed_m'], 1e-12);
        self::assertNull($greens->firstWhere('surface', 'mat')['reading']);
    }

    public function testAnEndedSessionKeepsTheReadingOfItsDay(): void
    {
        $this->travelTo($this->noon);
        $this->reading(8.0, 0);
        $this->session->update(['ended_at' => $this->noon->addHour()]);
        $this->reading(11.0, 60 * 24, $this->practiceSession($this->coach, null, $this->green));
        $this->travelTo($this->noon->addDays(3));
        $this->actingAs($this->coach)
            ->getJson("api/sessions/{$this->session->id}")
            ->assertJsonPath('reading.entries.speed_ft', 8)
            ->assertJsonPath('measurement_is_of_the_day', true);
    }

    public function testAReadingOfAnotherDayIsTheLastKnownAndWidensTheTable(): void
    {
        $this->travelTo($this->noon);
        $student = $this->student($this->coach);
        $session = $this->practiceSession($this->coach, $student, $this->green);
        $this->actingAs($this->coach);
        $this->reading(10.0, 0, $session);
        $this->postJson("api/sessions/$session->id/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'backstroke_m' => 0.15 + 0.02 * $i,
                    'roll_m' => 90.0 * (0.15 + 0.02 * $i) ** 1.8,
                ]),
                range(0, 9),
            ),
        ])->assertSuccessful();
        $fresh = $this->getJson("api/sessions/$session->id/stroke")->json();
        self::assertSame([10, true, 0], [$fresh['n'], $fresh['is_of_the_day'], $fresh['days_old']]);
        $this->travelTo($this->noon->addDays(6));
        $later = $this->practiceSession($this->coach, $student, $this->green);
        $this->getJson("api/sessions/$later->id")
            ->assertJsonPath('measurement_is_of_the_day', false)
            ->assertJsonPath('measurement_days_old', 6);
        // Rolled on a green nobody measured that day: kept, and no evidence of the stroke.
        $this->postJson("api/sessions/$later->id/events", [
            'events' => [self::putt(), self::putt()],
        ])->assertSuccessful();
        $old = $this->getJson("api/sessions/$later->id/stroke")->json();
        self::assertSame([10, false, 6], [$old['n'], $old['is_of_the_day'], $old['days_old']]);
        self::assertSame([['reason' => 'the green was not measured that day', 'count' => 2]], $old['left_out']);
        $width = static fn(array $look): float => $look['table']['rows'][4]['high_m'] -
            $look['table']['rows'][4]['low_m'];
        self::assertGreaterThan(1.2 * $width($fresh), $width($old));
        self::assertContains('stroke.speed_of_another_day', array_column($old['notes'], 'key'));
    }

    public function testAReadingNeedsAGreen(): void
    {
        $nowhere = $this->practiceSession($this->coach);
        $this->actingAs($this->coach)
            ->putJson("api/sessions/$nowhere->id/green-speed", ['id' => (string) Str::ulid(), 'method' => 'unknown'])
            ->assertJsonValidationErrors('green_id');
        self::assertSame(0, GreenSpeedMeasurement::query()->count());
    }

    public function testAStopwatchReadingIsComputedAndItsFiguresComeBackUnrounded(): void
    {
        $rolls = [
            ['distance_m' => 5.4, 'time_s' => 4.31],
            ['distance_m' => 5.1, 'time_s' => 4.22],
            ['distance_m' => 5.6, 'time_s' => 4.44],
        ];
        $back = [['distance_m' => 6.0, 'time_s' => 4.78], ['distance_m' => 5.7, 'time_s' => 4.61]];
        $answer = $this->actingAs($this->coach)
            ->putJson("api/sessions/{$this->session->id}/green-speed", [
                'id' => (string) Str::ulid(),
                'method' => 'stopwatch',
                'direction_1' => $rolls,
                'direction_2' => $back,
            ])
            ->assertSuccessful();
        self::assertEqualsWithDelta(9.930977445121504 * 0.3048, $answer->json('speed_m'), 1e-12);
        self::assertEqualsWithDelta(0.0030898946423685075, $answer->json('grade'), 1e-12);
        $again = $this->getJson("api/sessions/{$this->session->id}")->json('reading');
        self::assertSame($answer->json('speed_m'), $again['speed_m']);
        self::assertSame(
            ['direction_1' => $rolls, 'direction_2' => $back],
            array_map(
                static fn(array $way): array => array_map(
                    static fn(array $roll): array => ['distance_m' => (float) $roll['distance_m']] + $roll,
                    $way,
                ),
                $again['entries'],
            ),
        );
    }

    public function testWarningsComeInPlainWords(): void
    {
        $answer = $this->actingAs($this->coach)
            ->putJson("api/sessions/{$this->session->id}/green-speed", [
                'id' => (string) Str::ulid(),
                'method' => 'ramp',
                'direction_1_m' => [2.4, 2.7],
                'direction_2_m' => [3.3],
            ])
            ->assertSuccessful();
        self::assertSame(['spread', 'sloped', 'single_roll'], array_column($answer->json('warnings'), 'key'));
        foreach (array_column($answer->json('warnings'), 'sentence') as $sentence) {
            self::assertMatchesRegularExpression('/^[A-Z].{20,}\.$/', $sentence);
        }
    }

    public function testAnEntryTakenOutIsGoneFromTheFigures(): void
    {
        $path = "api/sessions/{$this->session->id}/green-speed";
        $id = (string) Str::ulid();
        $this->actingAs($this->coach);
        $this->putJson($path, [
            'id' => $id,
            'method' => 'ramp',
            'direction_1_m' => [3.0, 9.0],
            'direction_2_m' => [3.0],
        ]);
        $this->putJson($path, ['id' => $id, 'method' => 'ramp', 'direction_1_m' => [3.0], 'direction_2_m' => [3.0]])
            ->assertJsonPath('speed_m', 3)
            ->assertJsonPath('warnings.0.key', 'single_roll');
        // A change of method leaves nothing of the old one behind.
        $this->putJson($path, ['id' => $id, 'method' => 'unknown'])
            ->assertJsonPath('speed_m', null)
            ->assertJsonPath('standard_error_m', null)
            ->assertJsonPath('entries', []);
        self::assertSame(1, GreenSpeedMeasurement::query()->count());
    }
}
