<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\Coach;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The walk through the API: readings, the log, and what looking back says of them. */
final class SessionStepsTest extends TestCase
{
    private Coach $coach;
    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->session = $this->practiceSession($this->coach, $this->student($this->coach), $this->green($this->coach));
        $this->actingAs($this->coach);
    }

    /**
     * @param list<array<string, mixed>> $events
     *
     * @return list<array<string, mixed>> the balls answered
     */
    private function log(array $events, ?PracticeSession $session = null): array
    {
        $id = ($session ?? $this->session)->id;

        return $this->postJson("api/sessions/$id/events", ['events' => $events])
            ->assertSuccessful()
            ->json('putts');
    }

    /** @param array<string, mixed> $entries */
    private function measure(array $entries, ?string $id = null, ?PracticeSession $session = null): string
    {
        $id ??= (string) Str::ulid();
        $this->putJson(
            'api/sessions/' . ($session ?? $this->session)->id . '/green-speed',
            ['id' => $id] + $entries,
        )->assertSuccessful();

        return $id;
    }

    /**
     * Balls of a simulated student with a known stroke.
     *
     * @return list<array<string, mixed>>
     */
    private static function rolled(float $beta, float $speedFeet, int $seed = 1): array
    {
        $student = SimulatedStudent::calibrated(0.3, $beta, 0.05);
        $random = new SeededRandom($seed);
        $events = [];
        foreach ([0.14, 0.2, 0.26, 0.33, 0.4] as $back) {
            for ($i = 0; $i < 4; ++$i) {
                $putt = $student->strike(
                    Length::ofMetres($back),
                    GreenSpeed::ofFeet($speedFeet),
                    Grade::level(),
                    $random,
                );
                $events[] = self::putt(['backstroke_m' => $back, 'roll_m' => round((float) $putt?->rollMetres, 3)]);
            }
        }

        return $events;
    }

    /** @return array<string, mixed> */
    private function report(): array
    {
        return $this->getJson("api/sessions/{$this->session->id}/stroke")
            ->assertSuccessful()
            ->json();
    }

    /** @return array<string, mixed> */
    private function whatIf(float $feet): array
    {
        return $this->getJson("api/sessions/{$this->session->id}/stroke/what-if?speed_m=" . $feet * 0.3048)
            ->assertSuccessful()
            ->json();
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return array<string, mixed>
     */
    private static function event(string $type, array $fields, int $secondsLater = 0): array
    {
        return $fields + [
            'id' => (string) Str::ulid(),
            'type' => $type,
            'at_ms' => (int) now()->addSeconds($secondsLater)->getTimestampMs(),
        ];
    }

    public function testPostingABallTwiceChangesNothingTheSecondTime(): void
    {
        $putt = self::putt();
        $once = $this->log([$putt]);
        self::assertSame($once, $this->log([$putt]));
        self::assertSame($once, $this->log([array_merge($putt, ['roll_m' => 9.9])]));
        self::assertSame(1, SessionEventRecord::query()->count());
    }

    public function testUndoAndCorrectionAreEventsToo(): void
    {
        [$a, $b] = [self::putt(), self::putt(['roll_m' => 5.0])];
        $this->log([$a, $b]);
        $later = (int) now()->addSecond()->getTimestampMs();
        $balls = $this->log([
            [
                'id' => (string) Str::ulid(),
                'type' => 'putt_corrected',
                'at_ms' => $later,
                'putt_id' => $b['id'],
                'roll_m' => 5.5,
                'stop' => 'edge',
            ],
        ]);
        self::assertSame([4.2, 5.5], array_column($balls, 'roll_m'));
        self::assertSame([0, 1], array_column($balls, 'corrections'));
        $balls = $this->log([
            ['id' => (string) Str::ulid(), 'type' => 'undone', 'at_ms' => $later + 1, 'event_id' => $a['id']],
        ]);
        self::assertSame([$b['id']], array_column($balls, 'id'));
        self::assertSame(4, SessionEventRecord::query()->count());
    }

    public function testOneBadEventKeepsTheWholeBatchOut(): void
    {
        $other = $this->practiceSession($this->coach);
        $taken = self::putt();
        $this->log([$taken], $other);
        $this->postJson("api/sessions/{$this->session->id}/events", [
            'events' => [self::putt(), $taken],
        ])->assertJsonValidationErrors('events.1.id');
        self::assertSame(1, SessionEventRecord::query()->count());
    }

    public function testABallIsJudgedAgainstItsTarget(): void
    {
        $balls = $this->log([
            self::putt(['target_m' => 5, 'roll_m' => 4.5]),
            self::putt(['target_m' => 5, 'roll_m' => 4.4]),
            self::putt(['target_m' => 5, 'roll_m' => 5.6]),
            self::putt(['target_m' => 5, 'roll_m' => null, 'stop' => 'holed']),
            self::putt(),
        ]);
        self::assertSame(['on', 'short', 'long', 'on', null], array_column($balls, 'outcome'));
    }

    public function testAReadingIsComputedCorrectedAndStandsForTheGreen(): void
    {
        $id = $this->measure(['method' => 'ramp', 'direction_1_m' => [3.02, 2.98, 3.05]]);
        $first = GreenSpeedMeasurement::query()->sole();
        self::assertFalse($first->is_level);
        $this->travel(5)->minutes();
        $this->measure(
            ['method' => 'ramp', 'direction_1_m' => [3.02, 2.98, 3.05], 'direction_2_m' => [3.11, 3.08, 3.1]],
            $id,
        );
        $corrected = GreenSpeedMeasurement::query()->sole();
        self::assertEqualsWithDelta(10.026716603 * 0.3048, $corrected->speed_m, 1e-8);
        self::assertTrue($corrected->is_level);
        self::assertEquals($first->taken_at, $corrected->taken_at);
        $next = $this->practiceSession($this->coach, null, $this->session->green);
        $this->getJson("api/sessions/$next->id")
            ->assertJsonPath('reading.id', $id)
            ->assertJsonPath('reading.session_id', $this->session->id);
        $this->putJson("api/sessions/$next->id/green-speed", ['id' => $id, 'method' => 'unknown'])->assertNotFound();
    }

    public function testLookingBackFindsTheStudentsOwnStroke(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        $this->log(self::rolled(1.7, 10.0));
        $report = $this->report();
        self::assertSame(['fitted', 20, 20], [$report['state'], $report['n'], $report['n_today']]);
        self::assertEqualsWithDelta(1.7, $report['beta'], 0.08);
        $row = collect($report['table']['rows'])->firstWhere('length_m', Length::ofFeet(12)->metres());
        $true = SimulatedStudent::calibrated(0.3, 1.7, 0.05)->trueBackstroke($row['length_m'], GreenSpeed::ofFeet(10));
        self::assertEqualsWithDelta($true, $row['backstroke_m'], 0.02 * $true);
        self::assertContains('stroke.speed_estimated', array_column($report['notes'], 'key'));
        $faster = $this->whatIf(12);
        self::assertLessThan(
            $row['backstroke_m'],
            collect($faster['rows'])->firstWhere('length_m', $row['length_m'])['backstroke_m'],
        );
        // The estimate's own doubt widens today's range; "what if" is exact.
        $sure = collect($this->whatIf(10)['rows'])->firstWhere('length_m', $row['length_m']);
        self::assertLessThan($row['high_m'] - $row['low_m'], $sure['high_m'] - $sure['low_m']);
    }

    public function testBallsAreReadOnTheGreenAsItWasWhenTheyWereRolled(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 8]);
        $this->log(self::rolled(1.7, 8.0));
        $this->travel(2)->hours();
        $this->measure(['method' => 'estimated', 'speed_ft' => 11]);
        $this->log(self::rolled(1.7, 11.0, 2));
        $report = $this->report();
        self::assertSame(40, $report['n']);
        self::assertLessThan(0.07, $report['sigma']);
    }

    public function testMatAndGrassAreNotPooledAndOtherStudentsStayOut(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        $this->log(self::rolled(1.7, 10.0));
        $mat = $this->practiceSession($this->coach, $this->session->student, $this->green($this->coach, 'mat'));
        $this->measure(['method' => 'estimated', 'speed_ft' => 11], null, $mat);
        $this->log(self::rolled(1.4, 11.0), $mat);
        $else = $this->practiceSession($this->coach, $this->student($this->coach), $this->session->green);
        $this->log(self::rolled(1.4, 10.0), $else);
        self::assertSame(20, $this->report()['n']);
    }

    public function testWhatWasLeftOutIsSaidWithItsReason(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        $this->log([
            ...self::rolled(1.7, 10.0),
            self::putt(['stop' => 'edge']),
            self::putt(['mark' => 'mishit']),
            self::putt(['mark' => 'mishit']),
            self::putt(['roll_m' => null, 'stop' => 'holed']),
        ]);
        $report = $this->report();
        self::assertSame([2, 1, 1], array_column($report['left_out'], 'count'));
        self::assertSame(20, $report['n']);
        self::assertCount(24, $report['balls']);
    }

    public function testAnUnknownSpeedKeepsTheBallsAndTellsNoLengths(): void
    {
        $this->measure(['method' => 'unknown']);
        $this->log(self::rolled(1.7, 10.0));
        $report = $this->report();
        self::assertSame(['none', null, null], [$report['state'], $report['table'], $report['speed_m']]);
        self::assertSame('stroke.speed_unknown', $report['notes'][0]['key']);
        self::assertSame(20, $report['left_out'][0]['count']);
    }

    public function testADayThatRunsShortPointsAtTheGreenFirstUntilSetAside(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        $this->log(self::rolled(1.7, 10.0));
        $this->travel(3)->days();
        $earlier = $this->session;
        $this->session = $this->practiceSession($this->coach, $this->session->student, $this->session->green);
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        // Rolled on 6½ ft while the card says 10: every ball a third short, far more than days differ by.
        $this->log(self::rolled(1.7, 6.5, 5));
        $note = $this->report()['notes'][0];
        self::assertSame('stroke.offset', $note['key']);
        self::assertStringContainsString('green first', $note['try']);
        self::assertStringContainsString('backstrokes times 1.', $note['other_way']);
        $this->log([
            self::event('note_set_aside', [
                'key' => 'stroke.offset',
                'evidence' => $note['stamp'],
                'reason' => 'cored yesterday',
            ]),
        ]);
        self::assertNotContains('stroke.offset', array_column($this->report()['notes'], 'key'));
        // Put away for this student, in the next session too, until the evidence is another.
        $this->log([self::event('note_set_aside', ['key' => 'stroke.offset', 'evidence' => 'other'], 1)]);
        self::assertContains('stroke.offset', array_column($this->report()['notes'], 'key'));
        // Without evidence it is put away in the session where that was said, and in no other.
        $this->log([self::event('note_set_aside', ['key' => 'stroke.offset'], 2)], $earlier);
        self::assertContains('stroke.offset', array_column($this->report()['notes'], 'key'));
        $this->log([self::event('note_set_aside', ['key' => 'stroke.offset'], 3)]);
        self::assertNotContains('stroke.offset', array_column($this->report()['notes'], 'key'));
    }

    public function testTheTableAnswersForTheStationsAndTheirSlopes(): void
    {
        $this->measure(['method' => 'estimated', 'speed_ft' => 10]);
        $this->log([
            self::event('station_set', ['station_id' => 'a', 'length_m' => 5, 'said' => '5 m', 'grade_percent' => -9]),
            self::event('station_set', ['station_id' => 'b', 'length_m' => 4, 'said' => '4 m', 'grade_percent' => 2]),
        ]);
        $this->log(self::rolled(1.7, 10.0));
        $rows = collect($this->report()['table']['rows']);
        self::assertTrue($rows->firstWhere('grade_percent', -9)['never_stops']);
        self::assertNull($rows->firstWhere('grade_percent', -9)['backstroke_m']);
        self::assertTrue($rows->firstWhere('length_m', 4)['is_station']);
        self::assertSame($rows->pluck('length_m')->sort()->values()->all(), $rows->pluck('length_m')->all());
    }

    public function testEveryBallThatIsTakenIsShownWhetherAnythingElseWasSeenOrNot(): void
    {
        // A ball of which nothing else was seen used to be stored in a form that could not be read again.
        $balls = $this->log(
            array_map(static fn(array $seen): array => self::putt(['version' => 2, 'seen' => (object) $seen]), [
                [],
                ['gate' => 'left'],
                ['side_m' => 0.0],
                ['held' => false],
                ['looks' => 0],
            ]),
        );
        self::assertSame(
            [[], ['gate' => 'left'], ['side_m' => 0], ['held' => false], ['looks' => 0]],
            array_column($balls, 'seen'),
        );
        self::assertCount(6, $this->log([self::putt(['version' => 2, 'seen' => null])]));
    }

    public function testTwoDevicesLoseNothingOfEachOthersCard(): void
    {
        $station = static fn(string $id, float $metres): array => self::event('station_set', [
            'station_id' => $id,
            'length_m' => $metres,
            'said' => "$metres m",
        ]);
        $this->log([$station('a', 3.0)]);
        // Each adds one without having heard of the other's; one also takes up the first and sees the wind.
        $this->log([$station('b', 5.0), self::event('condition_noted', ['condition' => 'wind'])]);
        $this->log([$station('c', 7.0), self::event('station_removed', ['station_id' => 'a'], 1)]);
        $card = $this->getJson("api/sessions/{$this->session->id}")->json();
        self::assertSame([[5, 7], ['wind']], [array_column($card['stations'], 'length_m'), $card['conditions']]);
    }

    public function testAnEventOfAKindNotKnownHereIsKeptAndDoesNotCloseTheSession(): void
    {
        $this->log([self::putt()]);
        SessionEventRecord::query()->create([
            'id' => (string) Str::ulid(),
            'practice_session_id' => $this->session->id,
            'logged_by' => $this->coach->id,
            'type' => 'drone_flown',
            'version' => 3,
            'payload' => ['height_m' => 20],
            'at_ms' => 5,
            'recorded_at' => now(),
        ]);
        $this->getJson("api/sessions/{$this->session->id}")
            ->assertSuccessful()
            ->assertJsonCount(1, 'putts');
        self::assertCount(2, $this->log([self::putt()]));
        self::assertSame(3, SessionEventRecord::query()->count());
    }

    public function testNotesMeetTheStudentNextTime(): void
    {
        $this->patchJson("api/sessions/{$this->session->id}", ['note_for_next' => 'Longer ones.', 'ended' => true])
            ->assertSuccessful()
            ->assertJsonPath('note_for_next', 'Longer ones.');
        $this->travel(1)->days();
        $id = (string) Str::ulid();
        $started = ['id' => $id, 'student_id' => $this->session->student_id];
        $this->postJson('api/sessions', $started)->assertSuccessful()->assertJsonPath('last_note', 'Longer ones.');
        $this->postJson('api/sessions', $started)->assertSuccessful()->assertJsonPath('id', $id);
        self::assertSame(2, PracticeSession::query()->count());
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath(
            'ended_at',
            fn(?string $at): bool => $at !== null,
        );
    }

    public function testCautionsFollowTheDay(): void
    {
        $this->log([
            self::event('condition_noted', ['condition' => 'storm']),
            self::event('condition_noted', ['condition' => 'dew']),
        ]);
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath(
            'care.check-in.0',
            'Lightning or a thunderstorm nearby: leave the green at once.',
        );
        $mat = $this->practiceSession($this->coach, null, $this->green($this->coach, 'mat'));
        $onMat = json_encode($this->getJson("api/sessions/$mat->id")->json('care'), JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('greenkeeper', $onMat);
    }

    public function testAStudentTakenOffTheWorkspaceStaysInTheirSessions(): void
    {
        $this->deleteJson("api/students/{$this->session->student_id}")->assertNoContent();
        $this->getJson('api/today')->assertJsonCount(0, 'students');
        $this->getJson("api/sessions/{$this->session->id}")->assertJsonPath('student.name', 'Tobin');
    }

    public function testEquipmentThatIsOutComesBackBeforeTheSessionEndsOrAWordSaysWhyNot(): void
    {
        $run = (string) Str::ulid();
        $this->postJson("api/sessions/{$this->session->id}/runs", [
            'id' => $run,
            'drill' => $this->getJson('api/drills')->json('library.0.drill'),
        ])->assertSuccessful();
        $count = static fn(string $item, int $count, int $second): array => [
            'id' => (string) Str::ulid(),
            'type' => 'set_out_counted',
            'at_ms' => 1000 * $second + (int) now()->getTimestampMs(),
            'run_id' => $run,
            'item' => $item,
            'name' => 'tees',
            'count' => $count,
        ];
        $path = "api/sessions/{$this->session->id}";
        $this->postJson("$path/events", [
            'events' => [$count('kit_out', 4, 0), $count('kit_back', 3, 1)],
        ])->assertSuccessful();
        $this->getJson($path)->assertJsonPath('kit_out', [['name' => 'tees', 'count' => 1]]);
        $this->patchJson($path, ['ended' => true])->assertJsonValidationErrors('kit_word');
        self::assertNull($this->session->refresh()->ended_at);
        $this->patchJson($path, ['ended' => true, 'kit_word' => 'It marks the straight putt'])
            ->assertSuccessful()
            ->assertJsonPath('kit_word', 'It marks the straight putt');
        $this->patchJson($path, ['ended' => false, 'kit_word' => null])->assertSuccessful();
        $this->postJson("$path/events", ['events' => [$count('kit_back', 4, 2)]])->assertSuccessful();
        $this->patchJson($path, ['ended' => true])->assertSuccessful();
    }
}
