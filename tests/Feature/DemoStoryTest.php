<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoSeeder;
use App\Models\Coach;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Tests\TestCase;

/** The demo clinic tells a story on every part, and the figures and the insights tell the same one. */
final class DemoStoryTest extends TestCase
{
    private Coach $coach;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = app(DemoSeeder::class)->seed(CarbonImmutable::parse('2026-11-23 10:00'));
        $this->actingAs($this->coach);
    }

    private function idOf(string $name): string
    {
        return Student::query()
            ->where('name', 'like', "$name%")
            ->firstOrFail()->id;
    }

    /** @return list<string> keys of the notes beside the student's latest session */
    private function notes(string $name): array
    {
        $student = $this->idOf($name);
        $latest = $this->getJson("api/students/$student/trend")
            ->assertSuccessful()
            ->json('latest_session_id');

        return array_column(
            $this->getJson("api/sessions/$latest/stroke?student_id=$student")
                ->assertSuccessful()
                ->json('notes'),
            'key',
        );
    }

    /** Laying the clinic out takes seconds: once is enough. */
    public function testEveryPartTellsItsStory(): void
    {
        $this->oneImproves();
        $this->aNewPutterBrokeTheLineOfAnother();
        $this->oneReadsTooLittleAndOneBlocksBackWhatIsAimedLeft();
        $this->oneHasTwoBallsAndIsToldWhatIsMissing();
        $this->roundsSayWhatWouldSaveMost();
    }

    private function oneImproves(): void
    {
        $lines = array_column($this->getJson("api/students/{$this->idOf('Tobin')}/trend")->json('lines'), null, 'key');
        self::assertStringContainsString('smaller', $lines['pace_spread']['sentence']);
        self::assertStringContainsString('more even', $lines['stroke_evenness']['sentence']);
    }

    private function aNewPutterBrokeTheLineOfAnother(): void
    {
        self::assertContains('change.stile', $this->notes('Ilse'));
        self::assertNotContains('start.side', $this->notes('Ilse'));
        self::assertContains(
            'other putter: Mallet, 33 in',
            array_column($this->getJson("api/students/{$this->idOf('Ilse')}/trend")->json('change_markers'), 'words'),
        );
    }

    private function oneReadsTooLittleAndOneBlocksBackWhatIsAimedLeft(): void
    {
        self::assertContains('read.low', $this->notes('Marguerite'));
        self::assertContains('start.compensation', $this->notes('Rafe'));
        $start = array_column(
            $this->getJson("api/students/{$this->idOf('Rafe')}/review")->json('questions'),
            null,
            'key',
        )['start'];
        $split = array_column($start['findings'], null, 'kind')['aim_split'];
        self::assertStringContainsString('One makes up for the other', $split['sentence']);
    }

    private function oneHasTwoBallsAndIsToldWhatIsMissing(): void
    {
        $jun = $this->idOf('Jun');
        self::assertSame([], $this->getJson("api/students/$jun/trend")->json('lines'));
        self::assertSame(2, $this->getJson("api/students/$jun/review")->json('n'));
        self::assertStringContainsString('twelve balls', $this->getJson("api/students/$jun/stakes")->json('missing'));
    }

    private function roundsSayWhatWouldSaveMost(): void
    {
        $tobin = $this->idOf('Tobin');
        $stakes = $this->getJson("api/students/$tobin/stakes")
            ->assertSuccessful()
            ->json();
        self::assertSame([null, true, true], [$stakes['missing'], $stakes['is_own_mix'], $stakes['is_speed_measured']]);
        self::assertGreaterThan($stakes['ranking'][3]['putts_per_18'], $stakes['ranking'][0]['putts_per_18']);
        $play = $this->getJson("api/students/$tobin/rounds")->json();
        self::assertSame(
            [3, 1, 54, true],
            [count($play['rounds']), $play['from_memory'], $play['holes'], $play['is_band_of_rounds']],
        );
        self::assertEqualsWithDelta($play['putts_per_18'], $play['benchmarks'][0]['own'], 1e-9);
    }
}
