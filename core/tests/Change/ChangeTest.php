<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Change;

use Amble\Core\Change\Change;
use Amble\Core\Change\ChangeCall;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;

final class ChangeTest extends PropertyTestCase
{
    public function testASpreadThatHalvesIsCalledAndOneThatDoesNotIsNot(): void
    {
        $halved = Change::ofSpread(0.12, 30, 0.06, 30);
        self::assertTrue($halved->isClear());
        self::assertNull($halved->furtherBalls);
        self::assertNear(log(2), $halved->difference);
        self::assertNear(1.2815515655446 * sqrt(1 / 29), ($halved->interval->high - $halved->interval->low) / 2, 1e-9);
        self::assertFalse(Change::ofSpread(0.12, 8, 0.1, 8)->isClear());
    }

    public function testTheFurtherBallsNamedAreJustEnoughAndNeverMoreThanSixty(): void
    {
        $now = Change::ofSpread(0.12, 200, 0.1, 40);
        self::assertNotNull($now->furtherBalls);
        self::assertTrue(Change::ofSpread(0.12, 200, 0.1, 40 + $now->furtherBalls)->isClear());
        self::assertFalse(Change::ofSpread(0.12, 200, 0.1, 39 + $now->furtherBalls)->isClear());
        // With so few balls then, no number of balls now can settle it.
        self::assertNull(Change::ofSpread(0.12, 3, 0.11, 10)->furtherBalls);
        self::assertSame('no clear change', Change::ofSpread(0.12, 3, 0.11, 10)->inWords('smaller', 'larger'));
        self::assertSame(
            sprintf('probably smaller; about %d more balls would make it clear', $now->furtherBalls),
            $now->inWords('smaller', 'larger'),
        );
    }

    public function testSharesAreComparedAsLogitsWithAHalfAddedToBothCounts(): void
    {
        $change = Change::ofShares(4, 20, 14, 20);
        self::assertNear(log(14.5 / 6.5) - log(4.5 / 16.5), $change->difference, 1e-12);
        self::assertNear(
            1.2815515655446 * sqrt(1 / 14.5 + 1 / 6.5 + 1 / 4.5 + 1 / 16.5),
            ($change->interval->high - $change->interval->low) / 2,
            1e-9,
        );
        self::assertSame('clearly more', $change->inWords('more', 'fewer'));
        self::assertSame('clearly fewer', Change::ofShares(12, 12, 0, 12)->inWords('more', 'fewer'));
    }

    public function testWelchFollowsTheTable(): void
    {
        // Means 0 and 1, variances 1 and 4, n = 5 each: SE = 1 and Welch's degrees 5.88, between the
        // table's t(5) = 1.476 and t(6) = 1.440, taken in proportion to their inverses.
        $then = [-1.2649110640673518, -0.6324555320336759, 0.0, 0.6324555320336759, 1.2649110640673518];
        $now = array_map(static fn(float $x): float => 1.0 + 2.0 * $x, $then);
        $comparison = Change::ofBias($then, $now);
        self::assertNear(1.0, $comparison->difference, 1e-12);
        self::assertEqualsWithDelta(1.4434, ($comparison->interval->high - $comparison->interval->low) / 2, 0.0005);
    }

    public function testOneQuietComparisonInTwentyIsCalledClearAndOneInFiveProbable(): void
    {
        $random = new SeededRandom(12);
        $draw = static fn(): array => array_map(static fn(): float => $random->normal(), range(1, 15));
        [$clear, $probable] = [0, 0];
        for ($i = 0; $i < 1_000; ++$i) {
            $call = Change::ofBias($draw(), $draw())->call();
            $clear += $call === ChangeCall::Clear ? 1 : 0;
            $probable += $call === ChangeCall::None ? 0 : 1;
        }
        self::assertEqualsWithDelta(0.05, $clear / 1_000, 0.02);
        self::assertEqualsWithDelta(0.2, $probable / 1_000, 0.04);
    }

    public function testEstimatesBringTheirOwnErrors(): void
    {
        $change = Change::ofEstimates(0.3, 0.1, 0.6, 0.1, 20);
        self::assertNear(1.2815515655446 * sqrt(0.02), ($change->interval->high - $change->interval->low) / 2, 1e-9);
        self::assertNear(1.9599639845401 * sqrt(0.02), ($change->wide->high - $change->wide->low) / 2, 1e-9);
        self::assertTrue($change->isClear());
        self::assertSame(
            'probably longer',
            substr(Change::ofEstimates(0.3, 0.1, 0.5, 0.1, 20)->inWords('longer', 'shorter'), 0, 15),
        );
    }

    /**
     * Half-widths worked out here from what the docblock says; the number named is the first whose is below the
     * difference.
     */
    public function testTheFurtherBallsOfEstimatesAreTheFewestThatSettleIt(): void
    {
        $z = 1.9599639845401;
        $named = [];
        for ($step = 1; $step <= 120; ++$step) {
            $difference = 0.002 * $step;
            $change = Change::ofEstimates(0.5, 0.05, 0.5 + $difference, 0.15, 10);
            $half = static fn(int $more): float => $z * sqrt(0.05 ** 2 + (0.15 ** 2 * 10) / (10 + $more));
            if ($change->isClear()) {
                self::assertGreaterThan($half(0), $difference);
                continue;
            }
            if ($change->furtherBalls === null) {
                self::assertGreaterThanOrEqual($difference, $half(Change::MOST_FURTHER_BALLS));
                continue;
            }
            self::assertLessThan($difference, $half($change->furtherBalls));
            self::assertGreaterThanOrEqual($difference, $half($change->furtherBalls - 1));
            $named[] = $change->furtherBalls;
        }
        $falling = $named;
        rsort($falling);
        self::assertSame($falling, $named);
        self::assertGreaterThan(50, $named[0]);
    }

    public function testErrorsThatAreNoneAreRefusedAtTheirField(): void
    {
        foreach (
            [[0.0, 0.1, 'then_error'], [0.1, 0.0, 'now_error'], [-0.1, 0.1, 'then_error']]
            as [$then, $now, $field]
        ) {
            try {
                Change::ofEstimates(0.1, $then, 0.2, $now, 5);
                self::fail('It was compared.');
            } catch (InvalidInput $refused) {
                self::assertSame($field, $refused->field());
            }
        }
    }

    public function testASpreadNeedsTwoPutts(): void
    {
        $this->expectException(InvalidInput::class);
        Change::ofSpread(0.1, 1, 0.1, 9);
    }
}
