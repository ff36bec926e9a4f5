<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use Tests\TestCase;

/** Looking back over HTTP: the questions, over time, side by side, and the same figures as a file. */
final class BallReportTest extends TestCase
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
    }

    /** @param list<array<string, mixed>> $balls */
    private function roll(PracticeSession $session, array $balls): void
    {
        $this->postJson("api/sessions/$session->id/events", [
            'events' => array_map(self::putt(...), $balls),
        ])->assertSuccessful();
    }

    /** @return list<array<string, mixed>> */
    private static function at(float $target, float ...$rolls): array
    {
        return array_map(
            static fn(float $roll): array => ['target_m' => $target, 'roll_m' => $roll],
            array_values($rolls),
        );
    }

    public function testASessionAnswersAndALengthAloneIsPicked(): void
    {
        $this->roll($this->session, [...self::at(3.0, 2.7, 3.0, 3.1), ...self::at(6.0, 7.2, 6.6)]);
        $look = $this->getJson("api/sessions/{$this->session->id}/review")
            ->assertSuccessful()
            ->json();
        self::assertSame(
            [5, [[3, 3], [6, 2]]],
            [
                $look['n'],
                array_map(
                    static fn(array $length): array => [(int) $length['length_m'], $length['n']],
                    $look['lengths'],
                ),
            ],
        );
        self::assertSame('Distance control', $look['questions'][0]['title']);
        $near = $this->getJson("api/sessions/{$this->session->id}/review?near_m=6")
            ->assertSuccessful()
            ->json();
        self::assertEqualsWithDelta(0.15, $near['questions'][0]['findings'][0]['value'], 1e-9);
        // What can be picked stays the whole.
        self::assertSame([2, 2], [$near['n'], count($near['lengths'])]);
    }

    public function testWrongPicksNameTheirField(): void
    {
        foreach (
            ['near_m' => '-3', 'slope' => 'steep', 'from' => 'yesterdayish', 'surface' => 'sand', 'tempo_bpm' => '9']
            as $field => $value
        ) {
            $this->getJson("api/students/{$this->student->id}/review?$field=$value")->assertJsonValidationErrors(
                $field,
            );
        }
    }

    public function testFiguresAreThereAsAFileAndNoCellIsAFormula(): void
    {
        $this->roll($this->session, self::at(3.0, 2.7, 3.3));
        $csv = $this->get("api/sessions/{$this->session->id}/review.csv")->assertSuccessful();
        self::assertSame('text/csv; charset=utf-8', $csv->headers->get('Content-Type'));
        self::assertStringContainsString("question,part,unit,value,low,high,n\r\n", (string) $csv->getContent());
        self::assertStringContainsString('Distance control,Short or long?,of_length,0,', (string) $csv->getContent());
        $this->student->update(['name' => '=HYPERLINK("x")']);
        $other = $this->student($this->coach);
        $beside = (string) $this->get("api/students/{$this->student->id}/comparison.csv?with[]=$other->id")
            ->assertSuccessful()
            ->getContent();
        self::assertStringContainsString("\"'=HYPERLINK(\"\"x\"\")\"", $beside);
        self::assertStringContainsString(
            'of_length',
            (string) $this->get("api/students/{$this->student->id}/review.csv")->getContent(),
        );
        self::assertStringContainsString(
            "at,session,part,unit,value,low,high,n\r\n",
            (string) $this->get("api/students/{$this->student->id}/trend.csv")->getContent(),
        );
    }

    public function testAStudentOverTimeBySurfaceWithTheBreaksAndTheCoachsNumberOfSessions(): void
    {
        $mat = $this->practiceSession($this->coach, $this->student, $this->green($this->coach, 'mat'));
        $this->roll($mat, self::at(3.0, 3.0, 3.1));
        $sessions = [
            $this->session,
            $this->practiceSession($this->coach, $this->student, $this->session->green),
            $this->practiceSession($this->coach, $this->student, $this->session->green),
        ];
        foreach ($sessions as $i => $session) {
            $this->student->update(['putter' => $i < 2 ? 'Blade' : 'Mallet']);
            $this->roll($session, self::at(3.0, 2.8, 3.0, 3.2, 3.1, 2.9));
        }
        $course = $this->getJson("api/students/{$this->student->id}/trend?surface=grass")
            ->assertSuccessful()
            ->json();
        self::assertCount(3, $course['lines'][0]['points']);
        self::assertSame(
            ['putter', 'other putter: Mallet', $sessions[2]->id],
            [$course['change_markers'][0]['kind'], $course['change_markers'][0]['words'], $course['latest_session_id']],
        );
        self::assertStringContainsString('no clear change', $course['lines'][0]['sentence']);
        $this->putJson('api/me', ['unit' => 'feet', 'trend_sessions' => 4])->assertSuccessful();
        self::assertStringContainsString(
            'a trend needs 4',
            $this->getJson("api/students/{$this->student->id}/trend?surface=grass")->json('lines.0.sentence'),
        );
        self::assertSame(
            ['grass', ['mat', 'grass']],
            [
                $this->getJson("api/students/{$this->student->id}/review")->json('surface'),
                $this->getJson("api/students/{$this->student->id}/review")->json('surfaces'),
            ],
        );
    }

    public function testTwoTimesAndTwoStudentsStandSideBySide(): void
    {
        $this->travelTo('2026-11-10 12:00');
        $this->roll($this->session, self::at(3.0, 2.4, 3.0, 3.6, 2.6, 3.4));
        $this->travelTo('2026-11-20 12:00');
        $this->roll($this->session, self::at(3.0, 2.99, 3.0, 3.01, 3.0, 3.02));
        $path = "api/students/{$this->student->id}/comparison";
        $times = $this->getJson("$path?then_to=2026-11-10&from=2026-11-11")
            ->assertSuccessful()
            ->json();
        self::assertSame([['name' => 'Now', 'n' => 5], ['name' => 'Before', 'n' => 5]], $times['who']);
        $spread = array_column($times['rows'], null, 'key')['pace_spread'];
        self::assertSame([null, 'clearly larger'], $spread['verdicts']);
        $other = $this->student($this->coach);
        self::assertSame([10, 0], array_column($this->getJson("$path?with[]=$other->id")->json('who'), 'n'));
        $this->getJson(
            "$path?with[]={$this->student($this->coach('other@example.test'))->id}",
        )->assertJsonValidationErrors('with.0');
        $this->getJson("$path?with[]=$other->id&with[]=$other->id&with[]=$other->id")->assertJsonValidationErrors(
            'with',
        );
    }

    public function testOnlyADrillAtAHoleMakesAMissOfABallThatStaysOut(): void
    {
        $this->roll($this->session, self::at(3.0, 3.1));
        $keys = fn(): array => array_column(
            $this->getJson("api/sessions/{$this->session->id}/review")->json('questions'),
            'key',
        );
        self::assertNotContains('outcome', $keys());
        $run = '01M4G0000000000000000000AC';
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
        $this->postJson("api/sessions/{$this->session->id}/runs", [
            'id' => $run,
            'drill' => $drill,
        ])->assertSuccessful();
        $this->roll($this->session, [
            ['target_m' => 3.0, 'roll_m' => 3.1, 'run_id' => $run],
            ['target_m' => 3.0, 'roll_m' => null, 'stop' => 'holed', 'run_id' => $run],
        ]);
        self::assertContains('outcome', $keys());
    }

    public function testANoteOpensTheVeryBallsItRestsOn(): void
    {
        $this->putJson("api/sessions/{$this->session->id}/green-speed", [
            'id' => '01M4G0000000000000000000AD',
            'method' => 'estimated',
            'speed_ft' => 9.5,
        ])->assertSuccessful();
        $this->roll(
            $this->session,
            array_map(
                static fn(int $i): array => [
                    'target_m' => 3.0 * (1 + ($i % 2)),
                    'roll_m' => (2.3 + 0.02 * ($i % 4)) * (1 + ($i % 2)),
                    'backstroke_m' => null,
                ],
                range(1, 16),
            ),
        );
        $notes = array_column(
            $this->getJson("api/sessions/{$this->session->id}/stroke")
                ->assertSuccessful()
                ->json('notes'),
            null,
            'key',
        );
        self::assertCount(16, $notes['pace.habit']['balls']);
        self::assertSame($this->session->id, $notes['pace.habit']['balls'][0]['session_id']);
    }
}
