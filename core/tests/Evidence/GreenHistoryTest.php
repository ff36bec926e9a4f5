<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Evidence;

use Amble\Core\Evidence\GreenHistory;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use PHPUnit\Framework\TestCase;

/** Which reading a ball belongs to. */
final class GreenHistoryTest extends TestCase
{
    private const HOUR = 3_600_000;

    private static function reading(int $hour, string $session = 'S', float $feet = 10.0): MeasurementAt
    {
        return new MeasurementAt($hour * self::HOUR, $session, GreenSpeed::ofFeet($feet), 0.03);
    }

    public function testTheLastReadingBeforeABallStandsUntilTheNext(): void
    {
        $history = GreenHistory::of([self::reading(12, feet: 11.0), self::reading(9, feet: 9.0)]);
        $feet = static fn(int $hour): ?float => $history->at($hour * self::HOUR)?->reading->speed?->feet();
        self::assertEqualsWithDelta(9.0, $feet(9), 1e-9);
        self::assertEqualsWithDelta(9.0, $feet(11), 1e-9);
        self::assertEqualsWithDelta(11.0, $feet(12), 1e-9);
        self::assertNull($feet(8));
        self::assertNull(GreenHistory::of([])->at(5));
    }

    public function testABallRolledBeforeItsSessionsFirstReadingBelongsToThatOne(): void
    {
        $history = GreenHistory::of([
            self::reading(9, 'A', 9.0),
            self::reading(12, 'B', 11.0),
            self::reading(13, 'B', 12.0),
        ]);
        self::assertEqualsWithDelta(11.0, $history->at(11 * self::HOUR, 'B')?->reading->speed?->feet(), 1e-9);
        self::assertEqualsWithDelta(9.0, $history->at(11 * self::HOUR, 'C')?->reading->speed?->feet(), 1e-9);
    }

    public function testAnothersLaterReadingTakesThePlaceOfASessionsOwnOnlyWhenItIsChosen(): void
    {
        $readings = [
            self::reading(9, 'A', 9.0),
            new MeasurementAt(12 * self::HOUR, 'B', GreenSpeed::ofFeet(11.0), 0.03, 'theirs'),
        ];
        $feet = static fn(GreenHistory $history, string $session): float => (float) $history
            ->at(13 * self::HOUR, $session)
            ?->reading->speed?->feet();
        self::assertEqualsWithDelta(
            [9.0, 11.0, 11.0],
            array_map(fn(string $session): float => $feet(GreenHistory::of($readings), $session), ['A', 'B', 'C']),
            1e-9,
        );
        $chosen = GreenHistory::of($readings, ['A' => 'theirs']);
        self::assertEqualsWithDelta(11.0, $feet($chosen, 'A'), 1e-9);
        // Of two of its own the later one stands from then on.
        $again = GreenHistory::of([...$readings, self::reading(11, 'A', 10.0)]);
        self::assertEqualsWithDelta(
            [10.0, 9.0],
            [$feet($again, 'A'), (float) $again->at(10 * self::HOUR, 'A')?->reading->speed?->feet()],
            1e-9,
        );
        // For the whole session: its balls before that reading too.
        self::assertEqualsWithDelta(11.0, $chosen->at(10 * self::HOUR, 'A')?->reading->speed?->feet(), 1e-9);
    }

    /** However short ago, a reading of another day is a day old: "0 days old" would say it is today's. */
    public function testAReadingOfAnotherDayIsAtLeastADayOld(): void
    {
        $history = GreenHistory::of([self::reading(9)]);
        $stands = 0;
        for ($hour = 9; $hour < 9 + 60; ++$hour) {
            $at = $history->at($hour * self::HOUR, 'T');
            self::assertSame(
                $at?->isOfTheDay === true ? 0 : max(1, (int) round(($hour - 9) / 24)),
                $at?->days,
                "after $hour hours",
            );
            $stands += $at?->isOfTheDay === true ? 1 : 0;
        }
        // Some hours, and never through the night.
        self::assertGreaterThan(8, $stands);
        self::assertLessThan(20, $stands);
    }

    public function testAReadingStandsForItsDayAndIsOnlyTheLastKnownAfterIt(): void
    {
        $history = GreenHistory::of([self::reading(9)]);
        $today = $history->at(22 * self::HOUR, 'T');
        self::assertSame([true, 0, 0.03], [$today?->isOfTheDay, $today?->days, $today?->relativeError()]);
        $later = $history->at((9 + 6 * 24) * self::HOUR, 'T');
        self::assertSame([false, 6], [$later?->isOfTheDay, $later?->days]);
        // As much wider as days usually differ.
        self::assertEqualsWithDelta(hypot(0.03, 0.08), (float) $later?->relativeError(), 1e-12);
        self::assertSame(1, $history->at(25 * self::HOUR, 'T')?->days);
        // However long its own session goes on, it is that session's.
        self::assertTrue($history->at(60 * self::HOUR, 'S')?->isOfTheDay);
    }

    public function testItFindsWhatLookingAtEveryReadingFinds(): void
    {
        $random = new SeededRandom(3);
        $readings = array_map(
            static fn(): MeasurementAt => self::reading((int) (2000 * $random->uniform())),
            range(1, 60),
        );
        $history = GreenHistory::of($readings);
        for ($hour = 0; $hour < 2000; $hour += 7) {
            $before = array_filter(
                $readings,
                static fn(MeasurementAt $reading): bool => $reading->atMilliseconds <= $hour * self::HOUR,
            );
            $last =
                $before === []
                    ? null
                    : max(array_map(static fn(MeasurementAt $reading): int => $reading->atMilliseconds, $before));
            self::assertSame($last, $history->at($hour * self::HOUR)?->reading->atMilliseconds);
        }
    }
}
