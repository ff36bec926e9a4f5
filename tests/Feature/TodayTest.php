<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Student;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The workspace and the cards on it. */
final class TodayTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->actingAs($this->coach);
    }

    public function testAStudentsCardIsKeptAsItWasWritten(): void
    {
        $card = self::studentCard([
            'name' => 'Sunniva',
            'hand' => 'left',
            'level' => 'tournament',
            'unit' => 'paces',
            'stride_m' => 0.815,
            'finish_past_m' => 0.25,
            'putter' => 'Mid-mallet, 34 in',
            'school' => 'eye',
            'tempo_bpm' => 76,
            'exception' => 'Ball well forward on purpose.',
            'is_gentle' => true,
            'line_cure' => 'turn',
            'band_low_m' => 1.5,
            'band_high_m' => 7.5,
        ]);
        $id = $this->postJson('api/students', $card)->assertSuccessful()->json('id');
        $kept = $this->getJson('api/today')->json('students.0');
        self::assertEquals(['id' => $id] + $card, $kept);
        $this->putJson("api/students/$id", array_merge($card, ['putter' => null]))->assertJsonPath('putter', null);
    }

    public function testAStudentThatADeviceKeptUnderTheFormerNamesOfFieldsIsAdded(): void
    {
        $former =
            ['target_pace_m' => 0.4, 'pace_length_m' => 0.8] +
            array_diff_key(self::studentCard(['unit' => 'paces']), ['finish_past_m' => 0, 'stride_m' => 0]);
        $this->postJson('/api/students', $former)
            ->assertSuccessful()
            ->assertJsonPath('finish_past_m', 0.4)
            ->assertJsonPath('stride_m', 0.8);
    }

    public function testNobodyWritesAnothersIdOrOwner(): void
    {
        $other = $this->coach('other@example.test');
        $this->postJson(
            'api/students',
            self::studentCard(['coach_id' => $other->id, 'workspace_id' => $other->workspace_id]),
        )->assertSuccessful();
        $student = Student::query()->sole();
        self::assertSame([$this->coach->id, $this->coach->workspace_id], [$student->coach_id, $student->workspace_id]);
        $this->postJson('api/students', self::studentCard(['id' => 'mine']))->assertJsonValidationErrorFor('id');
    }

    public function testStudentsAndGreensComeByNameAndSessionsLatestFirst(): void
    {
        foreach (['Cy', 'Ada', 'Bo'] as $name) {
            $this->coach->students()->create(self::studentCard(['name' => $name]));
        }
        $old = $this->practiceSession($this->coach);
        $this->travel(1)->hours();
        $new = $this->practiceSession($this->coach);
        $workspace = $this->getJson('api/today')->json();
        self::assertSame(['Ada', 'Bo', 'Cy'], array_column($workspace['students'], 'name'));
        self::assertSame([$new->id, $old->id], array_column($workspace['sessions'], 'id'));
    }

    public function testItTakesTheSameFewQueriesHoweverMuchIsOnIt(): void
    {
        $count = function (): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            $this->getJson('api/today')->assertSuccessful();

            return count(DB::getQueryLog());
        };
        $this->green($this->coach);
        $few = $count();
        for ($i = 0; $i < 12; ++$i) {
            $green = $this->green($this->coach);
            $this->practiceSession($this->coach, $this->student($this->coach), $green);
        }
        self::assertSame($few, $count());
    }

    public function testRenamingAGreenKeepsItsReadings(): void
    {
        $green = $this->green($this->coach);
        $this->putJson("api/greens/$green->id", ['name' => 'Lower lawn', 'surface' => 'grass'])
            ->assertSuccessful()
            ->assertJsonPath('name', 'Lower lawn');
        $this->deleteJson("api/greens/$green->id")->assertNoContent();
        $this->getJson('api/today')->assertJsonCount(0, 'greens');
    }

    public function testAnAddressNobodyServesIsNotFoundInJson(): void
    {
        $this->getJson('api/nowhere')->assertNotFound()->assertHeader('Content-Type', 'application/json');
        $this->get('/anything/at/all')->assertSuccessful()->assertSee('<div id="amble">', false);
    }

    public function testSignedOutTheApiSaysSoAndThePagesStillOpen(): void
    {
        $this->postJson('api/sign-out')->assertNoContent();
        $this->getJson('api/today')->assertUnauthorized();
        $this->getJson('api/drills')->assertUnauthorized();
        $this->get('/students')->assertSuccessful();
    }
}
