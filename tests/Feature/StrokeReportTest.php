<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Units\Length;
use App\Models\Coach;
use App\Models\PracticeSession;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The report behind looking back: its table, its curve, and every ball's place in it. */
final class StrokeReportTest extends TestCase
{
    private Coach $coach;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->session = $this->practiceSession($this->coach, $this->student($this->coach), $this->green($this->coach));
        $this->actingAs($this->coach)
            ->putJson("api/sessions/{$this->session->id}/green-speed", [
                'id' => (string) Str::ulid(),
                'method' => 'ramp',
                'direction_1_m' => [3.0, 3.0, 3.02],
                'direction_2_m' => [3.0, 3.02, 3.0],
            ])
            ->assertSuccessful();
    }

    /** Rolls exact balls of a stroke that sends a 1 m backstroke 30 green speeds far, exponent 1.8. */
    private function roll(float ...$backstrokes): void
    {
        $events = array_map(
            static fn(float $back): array => self::putt([
                'backstroke_m' => $back,
                'roll_m' => round(90.0 * $back ** 1.8, 4),
            ]),
            array_values($backstrokes),
        );
        $this->postJson("api/sessions/{$this->session->id}/events", ['events' => $events])->assertSuccessful();
    }

    /** @return array<string, mixed> */
    private function report(): array
    {
        return $this->getJson("api/sessions/{$this->session->id}/stroke")
            ->assertSuccessful()
            ->json();
    }

    public function testTheTableSpeaksTheStudentsUnit(): void
    {
        $this->roll(0.12, 0.15, 0.2, 0.25, 0.3, 0.35);
        $feet = array_column($this->report()['table']['rows'], 'length_m');
        self::assertEqualsWithDelta(Length::ofFeet(6)->metres(), $feet[1], 1e-12);
        $this->session->student?->update(['unit' => 'metres']);
        self::assertEquals([1, 2, 3, 4, 6, 8, 10, 12], array_column($this->report()['table']['rows'], 'length_m'));
    }

    public function testOneLengthMoreIsToldAsTheTableWouldTellIt(): void
    {
        $this->roll(0.12, 0.15, 0.2, 0.25, 0.3, 0.35);
        $row = static fn(array $table, float $length): array => array_values(
            array_filter($table['rows'], static fn(array $row): bool => abs($row['length_m'] - $length) < 1e-9),
        )[0];
        $told = $this->report()['table'];
        $path = "api/sessions/{$this->session->id}/stroke/what-if";
        $asked = $this->getJson("$path?length_m=1.8288")
            ->assertSuccessful()
            ->json();
        // For the reading that stands, with all its doubt: the same as in the table.
        self::assertEqualsWithDelta($row($told, 1.8288)['backstroke_m'], $row($asked, 1.8288)['backstroke_m'], 1e-9);
        self::assertEqualsWithDelta($row($told, 1.8288)['high_m'], $row($asked, 1.8288)['high_m'], 1e-9);
        $more = $this->getJson("$path?length_m=2.2")->json();
        self::assertGreaterThan($row($asked, 1.8288)['backstroke_m'], $row($more, 2.2)['backstroke_m']);
        self::assertCount(count($told['rows']) + 1, $more['rows']);
        $this->getJson($path)->assertJsonValidationErrorFor('length_m');
    }

    public function testEveryRowLiesInsideItsRangeAndLongerRollsTakeLongerBackstrokes(): void
    {
        $this->roll(0.12, 0.15, 0.2, 0.25, 0.3, 0.35);
        $before = 0.0;
        foreach ($this->report()['table']['rows'] as $row) {
            self::assertGreaterThan($before, $row['backstroke_m']);
            self::assertGreaterThan($row['low_m'], $row['length_m']);
            self::assertLessThan($row['high_m'], $row['length_m']);
            // As the coach reads them: in half inches.
            $mark = round($row['backstroke_m'] / 0.0127);
            self::assertSame($mark < round(0.12 / 0.0127) || $mark > round(0.35 / 0.0127), $row['extrapolated']);
            $before = $row['backstroke_m'];
        }
    }

    public function testTheCurveRunsABitBeyondWhatWasRolledAndMarksIt(): void
    {
        $this->roll(0.12, 0.15, 0.2, 0.25, 0.3, 0.35);
        $curve = $this->report()['table']['curve'];
        self::assertTrue($curve[0]['extrapolated']);
        self::assertTrue($curve[count($curve) - 1]['extrapolated']);
        $inside = array_filter($curve, static fn(array $point): bool => !$point['extrapolated']);
        self::assertGreaterThan(20, count($inside));
        foreach ($inside as $point) {
            self::assertEqualsWithDelta(
                90.0 * $point['backstroke_m'] ** 1.8,
                $point['roll_m'],
                0.03 * $point['roll_m'],
            );
        }
    }

    public function testABallOnASlopeIsShownAsOnTheLevel(): void
    {
        $this->roll(0.2, 0.3);
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [
                self::putt(['backstroke_m' => 0.25, 'roll_m' => 4.0, 'grade_percent' => 2]),
                self::putt(['backstroke_m' => 0.25, 'roll_m' => 4.0, 'grade_percent' => 0]),
            ],
        ])->assertSuccessful();
        [, , $uphill, $level] = $this->report()['balls'];
        self::assertGreaterThan($level['level_roll_m'], $uphill['level_roll_m']);
        self::assertEqualsWithDelta(4.0, $level['level_roll_m'], 1e-9);
        self::assertSame(['used', 'used'], [$uphill['use'], $level['use']]);
    }

    public function testAFarOffBallIsMarkedKeptAndCountsForLittle(): void
    {
        $this->roll(0.12, 0.15, 0.18, 0.21, 0.24, 0.27, 0.3, 0.33);
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [self::putt(['backstroke_m' => 0.3, 'roll_m' => 2.0])],
        ]);
        $balls = $this->report()['balls'];
        $odd = array_filter($balls, static fn(array $ball): bool => $ball['is_odd']);
        self::assertSame([8], array_keys($odd));
        self::assertLessThan(0.5, $odd[8]['weight']);
        self::assertSame('used', $odd[8]['use']);
    }

    public function testAnotherStudentsNextBallOnTheGreenChangesTheDay(): void
    {
        $other = $this->practiceSession($this->coach, $this->student($this->coach), $this->session->green);
        $rolls = fn(PracticeSession $session, float ...$metres): mixed => $this->postJson(
            "api/sessions/$session->id/events",
            [
                'events' => array_map(
                    static fn(float $roll): array => self::putt(['roll_m' => $roll, 'target_m' => 3.0]),
                    array_values($metres),
                ),
            ],
        )->assertSuccessful();
        $rolls($this->session, 3.3, 3.2, 3.3, 3.4, 3.3);
        $rolls($other, 3.0, 3.1, 2.9);
        $before = $this->report()['day'];
        self::assertSame($before, $this->report()['day']);
        $rolls($other, 4.0, 4.1, 3.9, 4.2);
        self::assertNotEquals($before, $this->report()['day']);
        $other->student?->delete();
        self::assertNotEquals($before, $this->report()['day']);
    }

    public function testNoBallAtAllIsAnEmptyReportThatSaysSo(): void
    {
        $report = $this->report();
        self::assertSame(
            ['none', 0, [], [], null],
            [$report['state'], $report['n'], $report['balls'], $report['table']['curve'], $report['beta']],
        );
        self::assertSame(['stroke.none'], array_column($report['notes'], 'key'));
        self::assertNull($report['table']['rows'][0]['backstroke_m']);
    }
}
