<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Insight;

use Amble\Core\Insight\Significance;
use Amble\Core\Numeric\Sample;
use Amble\Core\Numeric\SeededRandom;
use PHPUnit\Framework\TestCase;

/** A habit is said when it is large and far beyond chance; of chance alone it is hardly ever said. */
final class SignificanceTest extends TestCase
{
    private const TRIES = 4_000;

    public function testItTakesBothSizeAndSureness(): void
    {
        self::assertTrue(Significance::says(0.1, 0.03, 0.05));
        self::assertTrue(Significance::says(-0.1, 0.03, 0.05));
        self::assertFalse(Significance::says(0.1, 0.034, 0.05));
        self::assertFalse(Significance::says(0.04, 0.001, 0.05));
        // Few balls make the error itself unsure.
        self::assertFalse(Significance::says(0.1, 0.03, 0.05, 4));
        self::assertTrue(Significance::says(0.1, 0.01, 0.05, 4));
        self::assertTrue(Significance::says(0.1, 0.033, 0.05, 100_000));
    }

    public function testAShareMustStandClearOfWhatItIsHeldAgainst(): void
    {
        self::assertTrue(Significance::shareAbove(9, 9));
        self::assertFalse(Significance::shareAbove(8, 8));
        self::assertTrue(Significance::shareAbove(28, 36));
        self::assertFalse(Significance::shareAbove(28, 36, 0.6));
        self::assertFalse(Significance::shareAbove(0, 0));
        self::assertFalse(Significance::shareAbove(2, 36));
    }

    public function testASpreadMustStandClearOfAnOrdinaryOne(): void
    {
        self::assertTrue(Significance::spreadAbove(0.2, 30, 0.12));
        self::assertFalse(Significance::spreadAbove(0.2, 10, 0.12));
        self::assertFalse(Significance::spreadAbove(0.12, 10_000, 0.12));
        self::assertFalse(Significance::spreadAbove(0.5, 2, 0.12));
    }

    public function testSurenessGrowsWithTheEvidenceAndEndsAtOne(): void
    {
        self::assertEqualsWithDelta(0.75, Significance::sureness(0.3, 0.1), 1e-12);
        self::assertEqualsWithDelta(0.75, Significance::sureness(-0.3, 0.1), 1e-12);
        self::assertSame(1.0, Significance::sureness(0.9, 0.1));
        self::assertSame(1.0, Significance::sureness(0.1, 0.0));
    }

    public function testChanceAloneSpeaksInAboutThreeOfAThousand(): void
    {
        $random = new SeededRandom(3);
        [$means, $shares] = [0, 0];
        for ($try = 0; $try < self::TRIES; ++$try) {
            $values = array_map(static fn(): float => $random->normal(), range(1, 12));
            $means += Significance::says(Sample::mean($values), sqrt((float) Sample::variance($values) / 12), 1e-9, 11)
                ? 1
                : 0;
            $hits = count(array_filter(range(1, 40), static fn(): bool => $random->uniform() < 0.5));
            $shares += Significance::shareAbove($hits, 40) ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.0027, $means / self::TRIES, 0.0025);
        self::assertLessThan(0.004, $shares / self::TRIES);
    }
}
