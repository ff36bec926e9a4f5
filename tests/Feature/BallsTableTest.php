<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BallRecord;
use App\Models\Coach;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\Student;
use Tests\TestCase;

/** Tables of balls from elsewhere: named once, seen before they are taken, all or none, and twice is once. */
final class BallsTableTest extends TestCase
{
    private Coach $coach;
    private Student $student;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->actingAs($this->coach);
    }

    public function testATableIsNamedOnceSeenTakenAndTwiceAddsNothing(): void
    {
        $green = $this->coach->greens()->create(['name' => 'Boathouse green', 'surface' => 'grass']);
        $table = self::table(200, bad: [17, 60, 121]);
        $unknown = $this->postJson($this->path('balls/preview'), $table)->assertOk();
        self::assertSame([200, 0], [$unknown->json('rows'), $unknown->json('taken')]);
        self::assertSame('2026-11-20 09:00', $unknown->json('columns.0.sample'));

        $named = $table + ['columns' => self::columns()];
        $seen = $this->postJson($this->path('balls/preview'), $named)->assertOk();
        self::assertSame([197, 0, 3], [$seen->json('taken'), $seen->json('there'), $seen->json('refused_count')]);
        self::assertSame([19, 'Back'], [$seen->json('refused.0.row'), $seen->json('refused.0.column')]);
        self::assertSame(0, BallRecord::query()->count());

        $this->postJson($this->path('balls'), $named + ['green_id' => $green->id, 'speed_ft' => 9.5])
            ->assertOk()
            ->assertExactJson(['taken' => 197, 'there' => 0, 'refused' => 3, 'sessions' => 2]);
        self::assertSame(197, BallRecord::query()->where('student_id', $this->student->id)->count());
        self::assertSame(
            [9.5, 9.5],
            GreenSpeedMeasurement::query()
                ->get()
                ->map(static fn(GreenSpeedMeasurement $reading): float => round((float) $reading->speed_m / 0.3048, 3))
                ->all(),
        );
        self::assertSame('file', json_decode((string) BallRecord::query()->value('seen'), true)['measured_by']);

        // The heads are known now, and the same table brings nothing.
        $again = $this->postJson($this->path('balls/preview'), $table)->assertOk();
        self::assertSame([197, 197], [$again->json('taken'), $again->json('there')]);
        $this->postJson($this->path('balls'), $table)
            ->assertOk()
            ->assertExactJson(['taken' => 0, 'there' => 197, 'refused' => 3, 'sessions' => 0]);
        self::assertSame([197, 2], [BallRecord::query()->count(), PracticeSession::query()->count()]);

        // What came in by a sensor stands in evidence.
        $look = $this->getJson("/api/students/{$this->student->id}/review")->assertOk();
        self::assertStringContainsString('The face is', (string) json_encode($look->json(), JSON_UNESCAPED_UNICODE));
    }

    public function testWhatGoesOutComesInTheSameForAnother(): void
    {
        $this->postJson($this->path('balls'), self::table(40) + ['columns' => self::columns()])->assertOk();
        $out = (string) $this->get("/api/students/{$this->student->id}/balls.csv")
            ->assertOk()
            ->getContent();
        $other = $this->student($this->coach);
        $this->postJson("/api/students/$other->id/balls", ['text' => $out, 'day' => '2026-11-20', 'zone' => 'UTC'])
            ->assertOk()
            ->assertJson(['taken' => 40, 'refused' => 0]);

        self::assertSame($out, (string) $this->get("/api/students/$other->id/balls.csv")->getContent());
    }

    public function testAWorkspaceKnowsTheLatestFortyKindsOfTable(): void
    {
        $this->coach->workspace->update([
            'column_maps' => array_combine(
                array_map(static fn(int $n): string => "kind $n", range(1, 40)),
                array_fill(0, 40, self::columns()),
            ),
        ]);
        $this->postJson($this->path('balls'), self::table(3) + ['columns' => self::columns()])->assertOk();

        $known = array_keys($this->coach->workspace->refresh()->column_maps ?? []);
        self::assertSame([40, 'kind 1', 'kind 39'], [count($known), $known[1], $known[39]]);
    }

    public function testWhatIsNoTableIsRefusedAtItsFieldAndNothingIsKept(): void
    {
        $ask = fn(array $change) => $this->postJson(
            $this->path('balls'),
            array_replace(self::table(3) + ['columns' => self::columns()], $change),
        );
        $ask(['text' => 'just words'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['text' => 'at least two columns']);
        $ask(['text' => "a,b\n\xff,1"])->assertStatus(422);
        $ask(['text' => "Day,Back,Rolled,Face\n" . str_repeat("x,1,1,1\n", 5001)])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['text' => '5000 rows']);
        $ask(['columns' => [['place' => 0, 'field' => 'roll_m', 'unit' => 'furlongs']]])->assertStatus(422);
        $ask(['columns' => []])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['columns' => 'at least one column']);
        $ask(['speed_ft' => 9])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['green_id']);
        $ask(['zone' => 'Boathouse/Lake'])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['zone']);
        $ask(['text' => self::table(2, bad: [0, 1])['text']])
            ->assertStatus(422)
            ->assertJsonValidationErrors(['text' => 'No row']);
        self::assertSame([0, 0], [BallRecord::query()->count(), PracticeSession::query()->count()]);
        self::assertNull($this->coach->fresh()?->workspace->column_maps);
    }

    private function path(string $end): string
    {
        return "/api/students/{$this->student->id}/$end";
    }

    /** A cell that was kept from being taken for a formula is told as it was; any other apostrophe is the coach's. */
    public function testACellGuardedByAnApostropheIsReadAsItWas(): void
    {
        $columns = fn(string $text): array => array_column(
            (array) $this->actingAs($this->coach)
                ->postJson($this->path('balls/preview'), ['text' => $text, 'day' => '2026-11-20', 'zone' => 'UTC'])
                ->assertOk()
                ->json('columns'),
            'head',
        );
        self::assertSame(
            ['=Day', '-Back', '+Rolled', '@Face', "'quoted", "o'clock"],
            $columns("'=Day,'-Back,'+Rolled,'@Face,'quoted,o'clock\n2026-11-20 09:00,18,2.1,1,1,1"),
        );
    }

    /**
     * @param list<int> $bad rows that tell no ball
     *
     * @return array{text: string, day: string, zone: string}
     */
    private static function table(int $rows, array $bad = []): array
    {
        $lines = ['Day;Back;Rolled;Face;Path;Start'];
        for ($i = 0; $i < $rows; ++$i) {
            $day = $i < 100 ? '20' : '21';
            $back = 18 + ($i % 12);
            $lines[] = sprintf(
                '2026-11-%s %02d:%02d;%s;%s;%s;%s;%s',
                $day,
                9 + intdiv($i % 100, 60),
                $i % 60,
                in_array($i, $bad, true) ? 'wide' : $back,
                round(0.011 * $back ** 1.8, 2),
                0.5,
                -0.5,
                round(0.4 + 0.1 * sin($i), 2),
            );
        }

        return ['text' => implode("\r\n", $lines), 'day' => '2026-11-20', 'zone' => 'Europe/Zurich'];
    }

    /** @return list<array{place: int, field: string, unit: string}> */
    private static function columns(): array
    {
        $columns = [];
        foreach (
            [
                'at' => '',
                'backstroke_m' => 'cm',
                'roll_m' => 'm',
                'face_deg' => '°, right is positive',
                'path_deg' => '°, right is positive',
                'start_deg' => '°, left is positive',
            ]
            as $field => $unit
        ) {
            $columns[] = ['place' => count($columns), 'field' => $field, 'unit' => $unit];
        }

        return $columns;
    }
}
