<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Plan;

use Amble\Core\Plan\DrillMinutes;
use PHPUnit\Framework\TestCase;

final class DrillMinutesTest extends TestCase
{
    public function testBeforeAnySessionItIsWhatTheDrillSays(): void
    {
        $minutes = DrillMinutes::of(10, []);
        self::assertSame([10.0, null, 0], [$minutes->mean, $minutes->spread, $minutes->n]);
    }

    /** What a drill says of itself counts as two sessions: (2 · 10 + 16) / 3. */
    public function testOneSessionMovesItByAThirdAndTellsNoSpread(): void
    {
        $minutes = DrillMinutes::of(10, [16.0]);
        self::assertEqualsWithDelta(12.0, $minutes->mean, 1e-12);
        self::assertNull($minutes->spread);
    }

    /** By hand: (2 · 10 + 14 + 18) / 4 = 13; the two lie 2 from their own mean, so √(8 / 1). */
    public function testTwoSessionsTellASpread(): void
    {
        $minutes = DrillMinutes::of(10, [14.0, 18.0]);
        self::assertEqualsWithDelta(13.0, $minutes->mean, 1e-12);
        self::assertNotNull($minutes->spread);
        self::assertEqualsWithDelta(sqrt(8.0), $minutes->spread, 1e-12);
        self::assertSame(2, $minutes->n);
    }

    public function testManySessionsOutweighWhatTheDrillSays(): void
    {
        self::assertEqualsWithDelta(20.0, DrillMinutes::of(5, array_fill(0, 500, 20.0))->mean, 0.07);
    }
}
