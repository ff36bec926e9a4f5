<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Stroke;

use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Stroke\GreenOffset;
use Amble\Core\Stroke\ScatterShares;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Tests\PropertyTestCase;

final class OffsetsTest extends PropertyTestCase
{
    public function testASessionsOffsetIsShrunkTowardNoneByHand(): void
    {
        // Four balls 0.2 long, σ = 0.08 = τ: u = 0.8 / (4 + 1), SE = 0.08 / √5.
        $offset = SessionOffset::of([0.2, 0.2, 0.2, 0.2], 0.08, 1.8);
        self::assertNear(0.16, $offset->offset);
        self::assertNear(0.08 / sqrt(5), $offset->standardError);
        self::assertTrue($offset->isRemarkable());
        self::assertNear(3.0 * exp(0.16), $offset->effectiveSpeed(3.0));
        self::assertNear(exp(-0.16 / 1.8), $offset->backstrokeFactor());
        self::assertFalse(SessionOffset::of([0.05], 0.1, 1.8)->isRemarkable());
    }

    public function testSeveralStudentsShortTogetherPointAtTheGreen(): void
    {
        $random = new SeededRandom(5);
        $sessions = [];
        foreach ([0.07, 0.1, 0.13] as $sigma) {
            $residuals = array_map(static fn(): float => -0.15 + $sigma * $random->normal(), range(1, 10));
            $sessions[] = SessionOffset::of($residuals, $sigma, 1.8);
        }
        $pooled = GreenOffset::pool($sessions);
        self::assertSame(3, $pooled->students);
        self::assertTrue($pooled->isRemarkable());
        self::assertEqualsWithDelta(-0.15, $pooled->offset, 2.5 * $pooled->standardError);
        // Weights 1/(σ²/n + τ²), by hand for two alike: SE = √((σ²/n + τ²)/2).
        $alike = SessionOffset::of([-0.1, -0.1], 0.1, 1.8);
        self::assertNear(sqrt((0.01 / 2 + 0.0064) / 2), GreenOffset::pool([$alike, $alike])->standardError);
        self::assertNear(-0.1, GreenOffset::pool([$alike, $alike])->offset);
    }

    public function testTheScatterIsSharedOutBetweenBackstrokeAndStrike(): void
    {
        $share = static function (float $back, float $strike): ScatterShares {
            $random = new SeededRandom(8);
            $spread = array_map(static fn(int $i) => self::putt(0.1 + 0.02 * $i, 30.0 * (0.1 + 0.02 * $i) ** 1.8), range(0, 15));
            $atTarget = array_map(static function () use ($random, $back, $strike) {
                $b = 0.25 * exp($back * $random->normal());

                return self::putt($b, 30.0 * $b ** 1.8 * exp($strike * $random->normal()));
            }, range(1, 300));
            $shares = ScatterShares::of($atTarget, (new StrokeFitter())->fit($spread));
            assert($shares !== null);

            return $shares;
        };
        $even = $share(0.05, 0.09);
        self::assertEqualsWithDelta(0.5, (float) $even->backstrokeShare(), 0.06);
        self::assertEqualsWithDelta((1.8 * 0.05) ** 2 + 0.09 ** 2, $even->total, 0.003);
        self::assertFalse($share(0.05, 0.05)->namesJoint() && $share(0.05, 0.09)->namesJoint());
        self::assertNear($even->total, $even->fromBackstroke + $even->fromStrike + $even->joint);
        self::assertGreaterThan(0.9, $share(0.08, 0.01)->backstrokeShare());
    }
}
