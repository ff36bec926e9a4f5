<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenReading;
use App\Models\PracticeSession;
use App\Practice\GreenReadings;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Which reading stands when, and for which ball. */
final class ReadingsTest extends TestCase
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

    private function reading(float $feet, int $minutesFromNoon, ?PracticeSession $session = null): GreenReading
    {
        return GreenReading::query()->create([
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

    /** @return float|null feet of the reading that stood for a ball of the session at this minute */
    private function whenRolled(int $minute): ?float
    {
        /** @var Collection<int, GreenReading> $readings */
        $readings = $this->green->readings()->get()->sortBy('taken_at')->values();
        $at = (int) $this->noon->addMinutes($minute)->getTimestampMs();

        return GreenReadings::whenRolled($readings, $at, $this->session->id)?->speed()?->feet();
    }

    public function testABallTakesTheLastReadingBeforeIt(): void
    {
        $this->reading(8.0, 0);
        $this->reading(9.0, 30);
        self::assertEqualsWithDelta(8.0, $this->whenRolled(10), 1e-9);
        self::assertEqualsWithDelta(9.0, $this->whenRolled(30), 1e-9);
        self::assertEqualsWithDelta(9.0, $this->whenRolled(90), 1e-9);
    }

    public function testABallBeforeItsSessionsFirstReadingTakesThatReading(): void
    {
        $this->reading(9.0, 30);
        self::assertEqualsWithDelta(9.0, $this->whenRolled(10), 1e-9);
        // Yesterday's reading of the green does not stand against today's own.
        $this->reading(7.0, -1440, $this->practiceSession($this->coach, null, $this->green));
        self::assertEqualsWithDelta(9.0, $this->whenRolled(10), 1e-9);
    }

    public function testWithoutAReadingOfItsOwnASessionTakesTheOneThatStands(): void
    {
        $other = $this->practiceSession($this->coach, null, $this->green);
        $this->reading(7.5, -600, $other);
        self::assertEqualsWithDelta(7.5, $this->whenRolled(10), 1e-9);
        self::assertNull($this->whenRolled(-700));
    }

    public function testTheBenchShowsTheReadingThatStandsForEachGreen(): void
    {
        $this->reading(8.0, 0);
        $this->reading(9.5, 30);
        $this->green($this->coach, 'mat');
        $greens = collect($this->actingAs($this->coach)->getJson('api/bench')->assertSuccessful()->json('greens'));
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
        $this->actingAs($this->coach)->getJson("api/sessions/{$this->session->id}")
            ->assertJsonPath('reading.entries.speed_ft', 8);
    }

    public function testAReadingNeedsAGreen(): void
    {
        $nowhere = $this->practiceSession($this->coach);
        $this->actingAs($this->coach)
            ->putJson("api/sessions/$nowhere->id/reading", ['id' => (string) Str::ulid(), 'method' => 'unknown'])
            ->assertJsonValidationErrors('green_id');
        self::assertSame(0, GreenReading::query()->count());
    }

    public function testAStopwatchReadingIsComputedAndItsFiguresComeBackUnrounded(): void
    {
        $rolls = [['distance_m' => 5.4, 'time_s' => 4.31], ['distance_m' => 5.1, 'time_s' => 4.22], ['distance_m' => 5.6, 'time_s' => 4.44]];
        $back = [['distance_m' => 6.0, 'time_s' => 4.78], ['distance_m' => 5.7, 'time_s' => 4.61]];
        $answer = $this->actingAs($this->coach)->putJson("api/sessions/{$this->session->id}/reading", [
            'id' => (string) Str::ulid(), 'method' => 'stopwatch', 'direction_1' => $rolls, 'direction_2' => $back,
        ])->assertSuccessful();
        self::assertEqualsWithDelta(9.930977445121504 * 0.3048, $answer->json('speed_m'), 1e-12);
        self::assertEqualsWithDelta(0.0030898946423685075, $answer->json('grade'), 1e-12);
        $again = $this->getJson("api/sessions/{$this->session->id}")->json('reading');
        self::assertSame($answer->json('speed_m'), $again['speed_m']);
        self::assertSame(['direction_1' => $rolls, 'direction_2' => $back], array_map(
            static fn(array $way): array => array_map(static fn(array $roll): array => ['distance_m' => (float) $roll['distance_m']] + $roll, $way),
            $again['entries'],
        ));
    }

    public function testWarningsComeInPlainWords(): void
    {
        $answer = $this->actingAs($this->coach)->putJson("api/sessions/{$this->session->id}/reading", [
            'id' => (string) Str::ulid(), 'method' => 'ramp', 'direction_1_m' => [2.4, 2.7], 'direction_2_m' => [3.3],
        ])->assertSuccessful();
        self::assertSame(['spread', 'sloped', 'single_roll'], array_column($answer->json('warnings'), 'key'));
        foreach (array_column($answer->json('warnings'), 'sentence') as $sentence) {
            self::assertMatchesRegularExpression('/^[A-Z].{20,}\.$/', $sentence);
        }
    }

    public function testAnEntryTakenOutIsGoneFromTheFigures(): void
    {
        $path = "api/sessions/{$this->session->id}/reading";
        $id = (string) Str::ulid();
        $this->actingAs($this->coach);
        $this->putJson($path, ['id' => $id, 'method' => 'ramp', 'direction_1_m' => [3.0, 9.0], 'direction_2_m' => [3.0]]);
        $this->putJson($path, ['id' => $id, 'method' => 'ramp', 'direction_1_m' => [3.0], 'direction_2_m' => [3.0]])
            ->assertJsonPath('speed_m', 3)->assertJsonPath('warnings.0.key', 'single_roll');
        // A change of method leaves nothing of the old one behind.
        $this->putJson($path, ['id' => $id, 'method' => 'unknown'])
            ->assertJsonPath('speed_m', null)->assertJsonPath('standard_error_m', null)->assertJsonPath('entries', []);
        self::assertSame(1, GreenReading::query()->count());
    }
}
