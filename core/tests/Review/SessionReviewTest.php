<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Review;

use Amble\Core\Drill\BallTask;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Review\BackstrokeTable;
use Amble\Core\Review\DayReport;
use Amble\Core\Review\MeasureCount;
use Amble\Core\Review\ReviewedBall;
use Amble\Core\Review\StrokeReport;
use Amble\Core\Review\TableLength;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\Stop;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokePrior;
use Amble\Core\Stroke\StrokeSummary;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** A session looked back on, from the balls as evidence. */
final class SessionReviewTest extends PropertyTestCase
{
    private static function ball(
        string $session,
        float $roll,
        ?float $target = null,
        ?float $back = null,
        ?BallMark $mark = null,
        Surface $surface = Surface::Grass,
        ?BallTask $task = null,
        Stop $stop = Stop::Free,
    ): RolledBall {
        return new RolledBall(
            'B',
            1,
            $session,
            Ball::seen(
                $back === null ? null : Length::ofMetres($back),
                Length::ofMetres($roll),
                $stop,
                $target === null ? null : Length::ofMetres($target),
                Grade::level(),
                new Remarks($mark),
            ),
            surface: $surface,
            reading: new MeasurementInForce(new MeasurementAt(0, $session, GreenSpeed::ofMetres(3.0), 0.0), true, 0),
            task: $task,
        );
    }

    /** @return list<RolledBall> of a stroke of exponent 1.8, without scatter */
    private static function stroke(string $session, int $n, float $factor = 1.0): array
    {
        return array_map(
            static fn(int $i): RolledBall => self::ball(
                $session,
                $factor * 90.0 * (0.1 + 0.02 * $i) ** 1.8,
                null,
                0.1 + 0.02 * $i,
            ),
            range(1, $n),
        );
    }

    public function testTheFitTakesAllDaysAndTodayIsHeldAgainstTheOthers(): void
    {
        $look = StrokeReport::of(
            BallFixtures::asked([...self::stroke('then', 15), ...self::stroke('now', 5, 0.9)]),
            'now',
            StrokePrior::shipped(),
        );
        self::assertSame([FitState::Fitted, 20, 5], [$look->fit->state, $look->fit->n, $look->nToday]);
        self::assertEqualsWithDelta(log(0.9), $look->today?->offset, 0.005);
        self::assertSame([], $look->leftOut);
        self::assertSame(
            [15, 5],
            [
                count(array_filter($look->balls, static fn(ReviewedBall $ball): bool => !$ball->isToday)),
                count(array_filter($look->balls, static fn(ReviewedBall $ball): bool => $ball->isToday)),
            ],
        );
        // Nothing was rolled before, and a session since is no earlier one.
        self::assertNull(
            StrokeReport::of(
                BallFixtures::asked([...self::stroke('now', 5), ...self::stroke('since', 15)]),
                'now',
                StrokePrior::shipped(),
            )->today,
        );
    }

    public function testManyBallsAreDrawnByTheLatestAndAllOfToday(): void
    {
        $balls = [
            ...self::stroke('now', 3),
            ...array_map(static fn(int $i): RolledBall => self::ball('then', 3.0, null, 0.2), range(1, 700)),
        ];
        $look = StrokeReport::of(BallFixtures::asked($balls), 'now', StrokePrior::shipped());
        self::assertCount(603, $look->balls);
        self::assertSame(703, $look->fit->n);
    }

    public function testANewStudentsFirstBallsLeanOnTheWorkspace(): void
    {
        $others = array_map(static fn(float $beta): StrokeSummary => StrokeSummary::of($beta, 0.05, 0.08, 30), [
            1.45,
            1.5,
            1.4,
            1.48,
        ]);
        $workspace = StrokePrior::ofWorkspace($others);
        self::assertSame([false, 4], [$workspace->isShipped(), $workspace->students]);
        $few = self::stroke('now', 2);
        $leaning = StrokeReport::of(BallFixtures::asked($few), 'now', $workspace)->fit->beta();
        self::assertLessThan(
            (float) StrokeReport::of(BallFixtures::asked($few), 'now', StrokePrior::shipped())->fit->beta(),
            $leaning,
        );
        self::assertTrue(StrokePrior::ofWorkspace(array_slice($others, 0, 2))->isShipped());
    }

    public function testAnUnsureGreenWidensTheTableAndStationsStandInIt(): void
    {
        $fit = StrokeReport::of(BallFixtures::asked(self::stroke('now', 20)), 'now', StrokePrior::shipped())->fit;
        $asked = TableLength::of([[Length::ofMetres(5.0), Grade::ofPercent(2.0)]], Unit::Metres);
        [$sure, $unsure] = [
            BackstrokeTable::of($fit, GreenSpeed::ofMetres(3.0), 0.0, $asked, Unit::Feet),
            BackstrokeTable::of($fit, GreenSpeed::ofMetres(3.0), 0.08, $asked, Unit::Feet),
        ];
        foreach ($sure->rows as $i => $row) {
            self::assertLessThan($unsure->rows[$i]->high - $unsure->rows[$i]->low, $row->high - $row->low);
        }
        self::assertSame(
            [1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.0],
            array_map(static fn($row): float => $row->asked->length->metres(), $sure->rows),
        );
        self::assertSame(
            [true],
            array_values(
                array_map(
                    static fn($row): bool => $row->asked->isStation,
                    array_filter($sure->rows, static fn($row): bool => $row->asked->length->metres() === 5.0),
                ),
            ),
        );
        self::assertEqualsWithDelta(3.048, TableLength::of([], Unit::Feet)[3]->length->metres() / 1.2, 1e-9);
    }

    public function testATableReachesOnlyAsFarAsTheBallsAndBeyondIsJudgedAfterRounding(): void
    {
        $fit = StrokeReport::of(BallFixtures::asked(self::stroke('now', 20)), 'now', StrokePrior::shipped())->fit;
        $speed = GreenSpeed::ofMetres(1.0);
        $longest = (float) $fit->predict(Length::ofMetres((float) $fit->longestMetres), $speed, Grade::level())
            ?->rollMetres;
        $lengths = static fn(array $stations): array => array_map(
            static fn($row): float => $row->asked->length->metres(),
            BackstrokeTable::of($fit, $speed, 0.0, TableLength::of($stations, Unit::Metres), Unit::Metres)->rows,
        );
        self::assertLessThanOrEqual(1.3 * $longest, max($lengths([])));
        // The next usual length would have been beyond it.
        self::assertNotEmpty(
            array_filter([1, 2, 3, 4, 6, 8, 10, 12], static fn(int $usual): bool => $usual > 1.3 * $longest),
        );
        $far = Length::ofMetres(3.0 * $longest);
        self::assertContains($far->metres(), $lengths([[$far, Grade::level()]]));
        // A hair beyond the longest ball reads as the longest, so it is not called beyond.
        $isBeyond = static fn(float $share): ?bool => BackstrokeTable::of(
            $fit,
            $speed,
            0.0,
            [new TableLength(Length::ofMetres($share * $longest), Grade::level(), true)],
            Unit::Metres,
        )->rows[0]->isExtrapolated;
        self::assertSame([false, false, true], [$isBeyond(0.98), $isBeyond(1.004), $isBeyond(1.25)]);
    }

    public function testADayIsToldFromItsFirstTenBallsAtTargetsAgainstTheEarlierSessions(): void
    {
        $random = new SeededRandom(2);
        $session = static fn(string $name, int $n, float $bias): array => array_map(
            static fn(): RolledBall => self::ball($name, 5.0 * (1.0 + $bias + 0.05 * $random->normal()), 5.0),
            range(1, $n),
        );
        $earlier = [...$session('a', 8, 0.05), ...$session('b', 8, 0.05), ...$session('c', 2, 9.0)];
        $noise = [
            self::ball('now', 1.0),
            self::ball('now', 1.0, 5.0, mark: BallMark::Mishit),
            self::ball('now', 9.0, 5.0, task: BallTask::Past),
            self::ball('now', 9.0, 5.0, surface: Surface::Mat),
        ];
        $today = DayReport::student(
            [...$earlier, ...$noise, ...$session('now', 10, -0.15), ...$session('now', 9, 4.0)],
            Surface::Grass,
            'now',
        );
        self::assertSame(10, $today->n);
        self::assertEqualsWithDelta(-0.15, $today->mean, 0.05);
        // The session of two balls says nothing of what is usual.
        self::assertEqualsWithDelta(0.05, $today->usual?->bias, 0.03);
        self::assertEqualsWithDelta(-0.2, $today->offset(0.05)?->value, 0.06);
        self::assertNull(DayReport::student($earlier, Surface::Grass, 'now')->mean);
    }

    public function testWhatIsUsualIsToldFromTheLatestBallsAtTargetsAlone(): void
    {
        $session = static fn(string $name, int $n, float $error): array => array_map(
            static fn(int $i): RolledBall => self::ball($name, 5.0 * (1.0 + $error + 0.02 * (($i % 3) - 1)), 5.0),
            range(1, $n),
        );
        $recent = [];
        for ($i = 0; $i < 19; ++$i) {
            $recent = [...$recent, ...$session("s$i", 10, 0.01 * ($i % 2))];
        }
        $today = $session('now', DayReport::LATEST - count($recent), -0.1);
        // A stroke of long ago was another one, and balls at nothing take nobody's place.
        $longAgo = $session('long ago', 60, 0.5);
        $atNothing = array_fill(0, 50, self::ball('s18', 5.0));
        $look = static fn(array $balls): array => [
            DayReport::student($balls, Surface::Grass, 'now')->mean,
            DayReport::student($balls, Surface::Grass, 'now')->usual,
        ];
        self::assertEquals($look([...$recent, ...$today]), $look([...$longAgo, ...$recent, ...$atNothing, ...$today]));
    }

    public function testOnlyMeasuresSomebodyLookedForAreTold(): void
    {
        $measures = static fn(RolledBall ...$balls): array => array_map(
            static fn(MeasureCount $count): array => [$count->measure, $count->counted, $count->leftOut],
            MeasureCount::all(array_values($balls), Surface::Grass),
        );
        self::assertSame([], $measures());
        self::assertSame(
            [['stroke', 1, ['mishit' => 1]], ['distance', 0, ['no_target' => 1, 'mishit' => 1]]],
            $measures(self::ball('now', 4.0, null, 0.2), self::ball('now', 4.0, null, 0.2, BallMark::Mishit)),
        );
        self::assertSame(['stroke', 'distance'], array_column($measures(self::ball('now', 4.0, 4.0, 0.2)), 0));
    }
}
