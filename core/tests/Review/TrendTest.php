<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Change\ChangeCall;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\TrendPoint;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Review\Measure\GateWidth;
use Amble\Core\Review\Measure\PaceSpread;
use Amble\Core\Review\Measure\StartAverage;
use Amble\Core\Review\MeasureComparison;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\Trend;
use Amble\Core\Review\Visit;
use Amble\Core\Session\Condition;
use PHPUnit\Framework\TestCase;

/** A student over sessions: points with their intervals, changes only by the rule, breaks across the path. */
final class TrendTest extends TestCase
{
    private const DAY = 86_400_000;

    /** @return list<RolledBall> */
    private static function session(string $name, float $spread, int $n = 20): array
    {
        return array_map(
            static fn(int $i): RolledBall => BallFixtures::one(3.0 * (1.0 + $spread * (($i % 5) - 2)), session: $name),
            range(1, $n),
        );
    }

    public function testEachSessionIsAPointAndATrendTakesTheCoachsNumberOfThem(): void
    {
        $balls = [
            ...self::session('A', 0.1),
            ...self::session('B', 0.1),
            ...self::session('C', 0.03),
            ...self::session('D', 0.03),
        ];
        $line = Trend::of('pace_spread', PaceSpread::class, BallFixtures::asked($balls), 3);
        self::assertSame(
            ['A', 'B', 'C', 'D'],
            array_map(static fn(TrendPoint $point): string => $point->sessionId, $line->points ?? []),
        );
        self::assertSame(
            [20, true],
            [$line?->points[0]->n, $line?->points[0]->interval?->contains($line->points[0]->value)],
        );
        self::assertSame(
            'The latest session compared with the 3 before: probably smaller; about 3 more sessions would make it clear.',
            $line?->sentence,
        );
        $early = Trend::of('pace_spread', PaceSpread::class, BallFixtures::asked(array_slice($balls, 0, 40)), 3);
        self::assertSame(['2 sessions so far; a trend needs 3.', null], [$early?->sentence, $early?->change]);
        $same = Trend::of(
            'pace_spread',
            PaceSpread::class,
            BallFixtures::asked([...self::session('A', 0.1), ...self::session('B', 0.1), ...self::session('C', 0.1)]),
            3,
        );
        self::assertSame(ChangeCall::None, $same?->change?->call());
        self::assertNull(Trend::of('start_average', StartAverage::class, BallFixtures::asked($balls), 3));
    }

    public function testEveryTrackedMeasureSaysWhichWayItWent(): void
    {
        $sessions = static fn(string $name, array $changes): array => array_merge(
            ...array_map(
                static fn(int $i): array => BallFixtures::practice(80, $changes, 10 * strlen($name) + $i, "$name $i"),
                range(1, 6),
            ),
        );
        $then = $sessions('then', []);
        $now = $sessions('now', [
            'lengthBias' => -0.12,
            'strikeScatter' => 0.03,
            'backstrokeScatter' => 0.02,
            'faceBias' => 0.03,
            'lineSpread' => 0.045,
            'readShare' => 0.4,
            'feelScatter' => 0.01,
        ]);
        $rows = MeasureComparison::of([BallFixtures::asked($then), BallFixtures::asked($now)]);
        $verdicts = array_combine(
            array_map(static fn(MeasureComparison $row): string => $row->key, $rows),
            array_map(static fn(MeasureComparison $row): ?string => $row->verdicts[1], $rows),
        );
        self::assertSame(array_keys(ReviewQuestion::drawn()), array_keys($verdicts));
        self::assertNull($verdicts['gate_width']);
        self::assertSame('clearly shorter', $verdicts['pace_average']);
        self::assertSame('clearly smaller', $verdicts['pace_spread']);
        self::assertSame('clearly further right', $verdicts['start_average']);
        self::assertSame('clearly wider', $verdicts['start_spread']);
        self::assertSame('clearly more often low', $verdicts['low_side']);
        self::assertSame('clearly more often right', $verdicts['feel']);
        self::assertSame('clearly more even', $verdicts['stroke_evenness']);
        self::assertNull($rows[0]->verdicts[0]);
    }

    public function testANarrowerGateIsALevelReachedAndNoTrend(): void
    {
        $balls = [];
        foreach (['A' => [0.09, 0.075], 'B' => [0.06]] as $session => $widths) {
            foreach ($widths as $width) {
                foreach (['through', 'through', 'left', 'through'] as $came) {
                    $balls[] = BallFixtures::one(3.0, 3.0, ['gate' => $came], $session, gate: $width);
                }
            }
        }
        $line = Trend::of('gate_width', GateWidth::class, BallFixtures::asked($balls), 2);
        self::assertSame(
            [0.075, 0.06],
            array_map(static fn(TrendPoint $point): float => $point->value, $line->points ?? []),
        );
        self::assertSame([4, 4], array_map(static fn(TrendPoint $point): int => $point->n, $line->points ?? []));
        self::assertSame(
            ['The narrowest was {0.0600 w} wide; 3 of 4 came through it.', null],
            [$line?->sentence, $line?->change],
        );
    }

    public function testChangeMarkersStandWhereSomethingBroke(): void
    {
        $visit = static fn(
            string $id,
            int $day,
            string $green = 'Boathouse',
            array $conditions = [],
            array $putters = [],
            array $tempos = [],
        ): Visit => new Visit($id, $day * self::DAY, $green, $conditions, $putters, $tempos);
        $changeMarkers = ChangeMarker::all([
            $visit('A', 0, putters: ['Blade'], tempos: [80]),
            $visit('B', 7, tempos: [80]),
            $visit('C', 36, putters: ['Mallet'], tempos: [76]),
            $visit('D', 40, 'Slipway', [Condition::Cored, Condition::Dew], ['Mallet']),
            $visit('E', 67, 'Slipway'),
        ]);
        self::assertSame(
            [
                'C lay_off: 4 weeks without a session',
                'C putter: other putter: Mallet',
                'C tempo: other tempo: 76 beats a minute',
                'D green: other green: Slipway',
                'D green_work: the green was cored',
            ],
            array_map(
                static fn(ChangeMarker $stile): string => "$stile->sessionId $stile->kind: $stile->words",
                $changeMarkers,
            ),
        );
        self::assertSame([], ChangeMarker::all([]));
    }
}
