<?php

declare(strict_types=1);

namespace Tests\Feature;

use Amble\Core\Evidence\GreenHistory;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\SeededRandom;
use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\BallRepository;
use Carbon\CarbonImmutable;
use Tests\TestCase;

/** Balls come with the reading each belongs to, though only readings of their time are asked for. */
final class BallRepositoryTest extends TestCase
{
    private const HOUR = 3_600_000;

    private Coach $coach;
    private Student $student;
    private CarbonImmutable $start;

    protected function setUp(): void
    {
        parent::setUp();
        $this->coach = $this->coach();
        $this->student = $this->student($this->coach);
        $this->start = CarbonImmutable::parse('2026-09-01 08:00', 'UTC');
        $this->actingAs($this->coach);
    }

    private function reading(Green $green, ?PracticeSession $session, int $minutes, float $feet): void
    {
        GreenSpeedMeasurement::query()->create([
            'workspace_id' => $this->coach->workspace_id,
            'coach_id' => $this->coach->id,
            'green_id' => $green->id,
            'practice_session_id' => $session?->id,
            'method' => 'estimated',
            'entries' => ['speed_ft' => $feet],
            'speed_m' => $feet * 0.3048,
            'is_level' => false,
            'warnings' => [],
            'taken_at' => $this->start->addMinutes($minutes),
        ]);
    }

    /** @param list<int> $minutes when each ball is rolled */
    private function roll(PracticeSession $session, array $minutes): void
    {
        $balls = array_map(
            fn(int $minute): array => self::putt([
                'at_ms' => (int) $this->start->addMinutes($minute)->getTimestampMs(),
                'target_m' => 4.0,
            ]),
            $minutes,
        );
        $this->postJson("api/sessions/$session->id/events", ['events' => $balls])->assertSuccessful();
    }

    /** Sessions, readings of them and of others, and balls, strewn over a month at random. */
    private function month(int $seed): void
    {
        $random = new SeededRandom($seed);
        $minute = static fn(): int => (int) floor($random->uniform() * 30 * 24 * 60);
        $greens = [$this->green($this->coach), $this->green($this->coach)];
        for ($i = 0; $i < 10; ++$i) {
            $this->reading($greens[$i % 2], null, $minute(), 7.0 + 0.1 * $i);
        }
        for ($i = 0; $i < 6; ++$i) {
            $session = $this->practiceSession($this->coach, $this->student, $greens[$i % 2]);
            $from = $minute();
            $this->roll($session, [$from, $from + 3, $from + 20, $from + 60]);
            // Some sessions are measured before their first ball, some in between, some after the last.
            if ($i > 0) {
                $this->reading($greens[$i % 2], $session, $from + [-5, 10, 90][$i % 3], 9.0 + 0.1 * $i);
            }
        }
    }

    /** @return array<string, GreenHistory> of every reading there is, by green */
    private static function everything(): array
    {
        return GreenSpeedMeasurement::query()
            ->orderBy('taken_at')
            ->orderBy('id')
            ->get()
            ->groupBy('green_id')
            ->map(
                static fn($readings): GreenHistory => GreenHistory::of(
                    $readings->map(BallRepository::reading(...))->values()->all(),
                ),
            )
            ->all();
    }

    public function testEachBallHasTheReadingItWouldHaveIfAllWereAskedFor(): void
    {
        for ($seed = 1; $seed <= 5; ++$seed) {
            $this->month($seed);
        }
        // One who came only at the end has the reading taken long before their first ball.
        $newcomer = $this->student($this->coach);
        $this->roll($this->practiceSession($this->coach, $newcomer, Green::query()->firstOrFail()), [32 * 24 * 60]);
        $histories = self::everything();
        $greenOf = PracticeSession::query()->pluck('green_id', 'id');
        $expected = static fn(RolledBall $ball): ?array => self::told(
            $histories[$greenOf[$ball->sessionId]]->at($ball->atMilliseconds, $ball->sessionId),
        );
        $room = app(BallRepository::class);
        $balls = $room->ofStudent($this->student);
        self::assertCount(120, $balls);
        self::assertContains(
            true,
            array_map(static fn(RolledBall $ball): ?bool => $ball->reading?->isOfTheDay, $balls),
        );
        self::assertContains(
            false,
            array_map(static fn(RolledBall $ball): ?bool => $ball->reading?->isOfTheDay, $balls),
        );
        foreach ($balls as $ball) {
            self::assertSame($expected($ball), self::told($ball->reading));
        }
        [$only] = $room->ofStudent($newcomer);
        self::assertSame($expected($only), self::told($only->reading));
        self::assertFalse($only->reading?->isOfTheDay);
        // So have the latest of them, of which far fewer readings are asked for.
        $until = $balls[70]->atMilliseconds;
        foreach ($room->latestAtTargets($this->student, $until) as $ball) {
            self::assertSame($expected($ball), self::told($ball->reading));
        }
    }

    /** @return array{int, float|null, bool, int}|null */
    private static function told(?MeasurementInForce $standing): ?array
    {
        return $standing === null
            ? null
            : [
                $standing->reading->atMilliseconds,
                $standing->reading->speed?->metres(),
                $standing->isOfTheDay,
                $standing->days,
            ];
    }

    public function testTheLatestAreOfTheirTimeAndOldestFirst(): void
    {
        $session = $this->practiceSession($this->coach, $this->student, $this->green($this->coach));
        $this->roll($session, [30, 10, 20, 40]);
        $room = app(BallRepository::class);
        $minutes = fn(int $until): array => array_map(
            fn(RolledBall $ball): int => intdiv($ball->atMilliseconds - (int) $this->start->getTimestampMs(), 60_000),
            $room->latestAtTargets($this->student, (int) $this->start->getTimestampMs() + $until * 60_000),
        );
        self::assertSame([10, 20, 30], $minutes(30));
        self::assertSame([], $minutes(9));
    }

    public function testOthersOfTheDayAreThoseWhoRolledOnThisGreenThen(): void
    {
        [$green, $elsewhere] = [$this->green($this->coach), $this->green($this->coach)];
        [$near, $late, $away] = [
            $this->student($this->coach),
            $this->student($this->coach),
            $this->student($this->coach),
        ];
        $this->roll($this->practiceSession($this->coach, $this->student, $green), [0]);
        $this->roll($this->practiceSession($this->coach, $near, $green), [60]);
        $this->roll($this->practiceSession($this->coach, $late, $green), [15 * 60]);
        $this->roll($this->practiceSession($this->coach, $away, $elsewhere), [60]);
        $from = (int) $this->start->getTimestampMs();
        $others = app(BallRepository::class)->othersOn($green, $this->student, $from, $from + 14 * self::HOUR);
        self::assertSame([$near->id], $others->pluck('id')->all());
    }
}
