<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Feel;

use Amble\Core\Drill\Finding\FeelCalls;
use Amble\Core\Feel\FeelReport;
use Amble\Core\Feel\LengthCall;
use PHPUnit\Framework\TestCase;

final class FeelReportTest extends TestCase
{
    public function testAgreementKappaAndDirectionByHand(): void
    {
        [$s, $o, $l] = [LengthCall::Short, LengthCall::On, LengthCall::Long];
        // Ten calls: off by 0+0+0+0+0+0+1+1+1+2 = 5 steps. Calls s3 o4 l3, results s5 o3 l2:
        // by chance (3·(3·1 + 2·2) + 4·(5 + 2) + 3·(5·2 + 3·1)) / 10 = (21 + 28 + 39) / 10 = 8.8.
        $report = FeelReport::of([
            [$s, $s],
            [$s, $s],
            [$o, $o],
            [$o, $o],
            [$l, $l],
            [$l, $l],
            [$s, $o],
            [$o, $s],
            [$o, $s],
            [$l, $s],
        ]);
        self::assertNotNull($report);
        self::assertSame(0.6, $report->agreement);
        self::assertEqualsWithDelta(1.0 - 5.0 / 8.8, $report->kappa, 1e-12);
        self::assertEqualsWithDelta(0.3, $report->miscalibration, 1e-12);
    }

    public function testNothingToCompareSaysSo(): void
    {
        self::assertNull(FeelReport::of([]));
        $same = FeelReport::of([[LengthCall::On, LengthCall::On], [LengthCall::On, LengthCall::On]]);
        self::assertSame(1.0, $same?->agreement);
        self::assertNull($same->kappa);
    }

    public function testCallingEverythingOnTellsNothingBeyondLuck(): void
    {
        $pairs = array_map(static fn(int $i): array => [LengthCall::On, LengthCall::cases()[$i % 3]], range(0, 29));
        $report = FeelReport::of($pairs);
        self::assertEqualsWithDelta(1 / 3, $report?->agreement, 1e-12);
        self::assertEqualsWithDelta(0.0, $report->kappa, 1e-12);
        self::assertEqualsWithDelta(0.0, $report->miscalibration, 1e-12);
    }

    public function testCallingTheOppositeIsWorseThanLuck(): void
    {
        $report = FeelReport::of([[LengthCall::Short, LengthCall::Long], [LengthCall::Long, LengthCall::Short]]);
        self::assertSame(0.0, $report?->agreement);
        self::assertEqualsWithDelta(-1.0, $report->kappa, 1e-12);
    }

    public function testAWindowsEdgeIsStillOn(): void
    {
        self::assertSame(LengthCall::On, LengthCall::of(5.4 / 6.0 - 1.0, 0.1));
        self::assertSame(LengthCall::Short, LengthCall::of(-0.11, 0.1));
        self::assertSame(LengthCall::Long, LengthCall::of(0.11, 0.1));
    }

    /** Calls that agree less than guesses would are never called better. */
    public function testWhatIsSaidOfGuessingFollowsTheFigure(): void
    {
        [$short, $on, $long] = LengthCall::cases();
        $said = static fn(array $pairs): string => (string) FeelCalls::ofPairs($pairs)?->sentence;
        self::assertStringContainsString(
            '; better than guessing (kappa 1.00)',
            $said([[$short, $short], [$on, $on], [$long, $long]]),
        );
        self::assertStringContainsString('; worse than guessing (kappa −', $said([[$short, $long], [$long, $short]]));
        self::assertStringContainsString(
            '; no better than guessing (kappa 0.00)',
            $said([[$short, $short], [$short, $long], [$long, $short], [$long, $long]]),
        );
    }
}
