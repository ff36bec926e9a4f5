<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Distance;

use Amble\Core\Distance\UsualBias;
use PHPUnit\Framework\TestCase;

/** A student's usual bias over sessions, worked out by hand (maths.md 5.2). */
final class UsualBiasTest extends TestCase
{
    public function testFewSessionsAreTakenToDifferAsDaysOrdinarilyDo(): void
    {
        self::assertNull(UsualBias::of([]));
        $usual = UsualBias::of([[0.04, 0.01], [-0.02, 0.03], [0.1, 0.02]], 0.05);
        self::assertEqualsWithDelta(0.04, $usual?->bias, 1e-12);
        // Each session errs by its own and by the day: 0.0001 + 0.0009 + 0.0004 + 3 · 0.0025 over three squared.
        self::assertEqualsWithDelta(sqrt(0.0089) / 3, $usual?->standardError, 1e-12);
        $one = UsualBias::of([[0.03, 0.0]], 0.05);
        self::assertEqualsWithDelta([0.03, 0.05], [$one?->bias, $one?->standardError], 1e-12);
    }

    public function testFromFiveSessionsOnTheStudentsOwnDaysAreTaken(): void
    {
        $means = [0.0, 0.1, 0.2, 0.3, 0.4];
        $usual = UsualBias::of(array_map(static fn(float $mean): array => [$mean, 0.03], $means), 0.9);
        // Their variance is 0.025; what each session errs by itself, 0.0009, is no day's doing, and comes back as its
        // own.
        self::assertEqualsWithDelta([0.2, sqrt(5 * 0.025) / 5], [$usual?->bias, $usual?->standardError], 1e-12);
        // Days that are alike still differ by a little.
        $alike = UsualBias::of(array_fill(0, 5, [0.1, 0.01]), 0.9);
        self::assertEqualsWithDelta(
            [0.1, sqrt(5 * (0.0001 + 0.0004)) / 5],
            [$alike?->bias, $alike?->standardError],
            1e-12,
        );
        // With four the ordinary day is still taken.
        self::assertGreaterThan(0.4, UsualBias::of(array_fill(0, 4, [0.1, 0.01]), 0.9)?->standardError);
    }
}
