<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coach;
use App\Models\Student;
use App\Models\TakeHomeCard;
use Illuminate\Support\Facades\Auth;
use Tests\TestCase;

/**
 * A take-home card and the private link to it: unguessable, ends, can be withdrawn, and nothing of the record is behind
 * it.
 */
final class TakeHomeCardTest extends TestCase
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

    private function open(int $days = 30): string
    {
        return $this->postJson("api/students/{$this->student->id}/take-home-card/link", ['days' => $days])
            ->assertSuccessful()
            ->json('link');
    }

    public function testTheCardSaysWhatWasKeptForTwoGreens(): void
    {
        $session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->putJson("api/sessions/$session->id/green-speed", [
            'id' => '01M4G0000000000000000000CA',
            'method' => 'estimated',
            'speed_ft' => 10,
        ])->assertSuccessful();
        $this->postJson("api/sessions/$session->id/events", [
            'events' => array_map(
                static fn(int $i): array => self::putt([
                    'backstroke_m' => 0.1 + 0.02 * $i,
                    'roll_m' => round(90 * (0.1 + 0.02 * $i) ** 1.8, 3),
                ]),
                range(1, 12),
            ),
        ])->assertSuccessful();
        $path = "api/students/{$this->student->id}/take-home-card";
        self::assertNull($this->getJson($path)->assertSuccessful()->json('card.work_on'));
        self::assertSame(0, TakeHomeCard::query()->count());
        $kept = $this->putJson($path, [
            'speed_1_m' => 2.4,
            'speed_2_m' => 3.2,
            'work_on' => 'Same beat',
            'home_task' => null,
            'next_on' => '2026-12-03',
        ])
            ->assertSuccessful()
            ->json('card');
        self::assertSame(['Same beat', '2026-12-03', 2], [$kept['work_on'], $kept['next_on'], count($kept['tables'])]);
        $slow = array_column($kept['tables'][0]['rows'], 'backstroke_m', 'length_m');
        $fast = array_column($kept['tables'][1]['rows'], 'backstroke_m', 'length_m');
        $common = array_intersect_key($slow, $fast);
        self::assertNotSame([], $common);
        foreach ($common as $length => $backstroke) {
            self::assertGreaterThan($fast[$length], $backstroke);
        }
        $this->putJson($path, ['speed_1_m' => 40])->assertJsonValidationErrors('speed_1_m');
        $this->putJson($path, ['next_on' => 'soon'])->assertJsonValidationErrors('next_on');
    }

    public function testALinkShowsTheCardAndNothingElseToAnybody(): void
    {
        $link = $this->open();
        self::assertMatchesRegularExpression('/^[0-9A-Za-z]{40}$/', $link);
        self::assertStringNotContainsString($link, (string) json_encode(TakeHomeCard::query()->toBase()->get()));
        Auth::logout();
        $answer = $this->getJson("api/pocket/$link")->assertSuccessful();
        self::assertSame(
            [
                'name',
                'coach',
                'school',
                'unit',
                'stride_m',
                'finish_past_m',
                'tables',
                'work_on',
                'home_task',
                'home_balls',
                'home_drill',
                'home_cue',
                'home_target',
                'home_days',
                'home_lately',
                'offered',
                'entries',
                'next_on',
            ],
            array_keys($answer->json()),
        );
        self::assertSame(
            ['no-store, private', 'no-referrer', 'noindex'],
            [
                $answer->headers->get('Cache-Control'),
                $answer->headers->get('Referrer-Policy'),
                $answer->headers->get('X-Robots-Tag'),
            ],
        );
        $this->getJson("api/students/{$this->student->id}/take-home-card")->assertUnauthorized();
    }

    public function testALinkEndsIsReplacedAndWithdrawn(): void
    {
        $old = $this->open(7);
        $new = $this->open(7);
        $this->getJson("api/pocket/$old")->assertNotFound();
        $this->getJson("api/pocket/$new")->assertSuccessful();
        $this->travel(8)->days();
        $this->getJson("api/pocket/$new")
            ->assertNotFound()
            ->assertJsonPath('message', 'This link no longer works: the card was withdrawn, or the link has expired.');
        $third = $this->open(7);
        $this->deleteJson("api/students/{$this->student->id}/take-home-card/link")
            ->assertSuccessful()
            ->assertJsonPath('link_until', null);
        $this->getJson("api/pocket/$third")->assertNotFound();
        $fourth = $this->open(7);
        $this->student->delete();
        $this->getJson("api/pocket/$fourth")->assertNotFound();
        $this->getJson('api/pocket/' . str_repeat('a', 40))->assertNotFound();
        $this->postJson("api/students/{$this->student($this->coach)->id}/take-home-card/link", [
            'days' => 400,
        ])->assertJsonValidationErrors('days');
    }

    public function testGuessingIsSlowedDown(): void
    {
        for ($i = 0; $i < 30; ++$i) {
            $this->getJson('api/pocket/' . str_pad((string) $i, 40, 'x'))->assertNotFound();
        }
        $this->getJson('api/pocket/' . str_repeat('y', 40))->assertTooManyRequests();
    }
}
