<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PracticeSession;
use Illuminate\Support\Str;
use Tests\TestCase;

/** An append answers with what it changed where the sender knows the log it changed, and with all balls where not. */
final class AppendAnswerTest extends TestCase
{
    private const DRILL = [
        'key' => 'two',
        'name' => 'Two',
        'stations' => [['length_m' => 3]],
        'target' => 'hole',
        'balls_per_station' => 2,
        'pass' => ['kind' => 'share'],
        'end' => ['kind' => 'all_stations'],
        'cap' => ['balls' => 9],
    ];

    private PracticeSession $session;

    protected function setUp(): void
    {
        parent::setUp();
        $coach = $this->coach();
        $this->session = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $this->actingAs($coach);
    }

    /**
     * @param array<string, mixed> ...$events
     *
     * @return array<string, mixed>
     */
    private function append(?int $version, array ...$events): array
    {
        return $this->postJson("/api/sessions/{$this->session->id}/events", [
            'events' => $events,
            'version' => $version,
        ])
            ->assertSuccessful()
            ->json();
    }

    /** @return array<string, mixed> */
    private static function ball(int $secondsAfter, string $id = ''): array
    {
        return self::putt([
            'id' => $id === '' ? (string) Str::ulid() : $id,
            'at_ms' => (int) now()->addSeconds($secondsAfter)->getTimestampMs(),
        ]);
    }

    public function testASenderWhoKnowsTheLogGetsTheChangedBallsAlone(): void
    {
        $version = $this->getJson("/api/sessions/{$this->session->id}")->json('version');
        self::assertSame(0, $version);
        $first = self::ball(1);
        $answer = $this->append($version, $first);
        self::assertSame(
            [$version, [$first['id']], []],
            [$answer['since'], array_column($answer['putts'], 'id'), $answer['removed']],
        );
        $second = self::ball(2);
        $next = $this->append($answer['version'], $second);
        self::assertSame([$answer['version'], [$second['id']]], [$next['since'], array_column($next['putts'], 'id')]);
        self::assertSame($next['version'], $this->getJson("/api/sessions/{$this->session->id}")->json('version'));
        $undone = $this->append($next['version'], [
            'id' => (string) Str::ulid(),
            'type' => 'undone',
            'at_ms' => (int) now()->addSeconds(3)->getTimestampMs(),
            'event_id' => $second['id'],
        ]);
        self::assertSame(
            [$next['version'], [], [$second['id']]],
            [$undone['since'], $undone['putts'], $undone['removed']],
        );
    }

    public function testWhoKnowsAnotherLogGetsAllBalls(): void
    {
        $first = self::ball(10);
        $version = $this->append(0, $first)['version'];
        // Another device's ball came between.
        $second = self::ball(11);
        $this->append(null, $second);
        $third = self::ball(12);
        $answer = $this->append($version, $third);
        self::assertSame(
            [null, [$first['id'], $second['id'], $third['id']]],
            [$answer['since'], array_column($answer['putts'], 'id')],
        );
        // One that is sent late stands before the others: their places changed.
        $late = self::ball(5);
        $answer = $this->append($answer['version'], $late);
        self::assertSame(
            [null, $late['id'], 4],
            [$answer['since'], $answer['putts'][0]['id'], count($answer['putts'])],
        );
        // Sent twice, it changes nothing.
        $again = $this->append($answer['version'], $late);
        self::assertSame([$answer['version'], 4], [$again['version'], count($again['putts'])]);
    }

    public function testABallOfADrillComesWithItsRunAsTheRunItselfIsTold(): void
    {
        [$run, $other] = [(string) Str::ulid(), (string) Str::ulid()];
        foreach ([$other, $run] as $id) {
            $this->postJson("/api/sessions/{$this->session->id}/runs", [
                'id' => $id,
                'drill' => self::DRILL,
            ])->assertSuccessful();
        }
        $answer = $this->append(0, ['run_id' => $run, 'target_m' => 3.0] + self::ball(1));
        self::assertSame([$run], array_column($answer['runs'], 'id'));
        self::assertEquals($this->getJson("/api/sessions/{$this->session->id}/runs/$run")->json(), $answer['runs'][0]);
        self::assertSame([], $this->append($answer['version'], self::ball(2))['runs']);
    }
}
