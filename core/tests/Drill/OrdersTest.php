<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\Order\Order;
use Amble\Core\Drill\Order\Orders;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Tests\PropertyTestCase;
use Eris\Generators;

final class OrdersTest extends PropertyTestCase
{
    public function testEveryOrderGivesEachStationItsBalls(): void
    {
        $this->forAll(Generators::choose(1, 8), Generators::choose(1, 6), Generators::choose(0, 9_999))->then(function (
            int $stations,
            int $balls,
            int $seed,
        ): void {
            $lengths = array_map(static fn(int $i): float => 1.0 + (($i * 7) % 5), range(1, $stations));
            foreach (array_keys(Orders::all()) as $kind) {
                $order = self::order($kind);
                $round = $order->round($lengths, $balls, new SeededRandom($seed));
                $each = match ($kind) {
                    'blocked_then_shuffled' => 2 * $balls,
                    'blocked_then_lap' => $balls + 1,
                    default => $balls,
                };
                $counts = array_count_values($round);
                ksort($counts);
                self::assertSame(array_fill(0, $stations, $each), array_values($counts), $kind);
                self::assertSame($round, $order->round($lengths, $balls, new SeededRandom($seed)), $kind);
            }
        });
    }

    public function testShuffledNeverGivesTheSameStationTwiceRunning(): void
    {
        $this->forAll(Generators::choose(2, 6), Generators::choose(1, 8), Generators::choose(0, 99_999))->then(
            function (int $stations, int $balls, int $seed): void {
                $shuffled = self::order('shuffled');
                $round = $shuffled->round(array_fill(0, $stations, 3.0), $balls, new SeededRandom($seed));
                for ($i = 1; $i < count($round); ++$i) {
                    self::assertNotSame($round[$i - 1], $round[$i]);
                }
            },
        );
    }

    public function testShufflingDependsOnTheSeedAndIsEven(): void
    {
        $shuffled = self::order('shuffled');
        $firsts = array_map(
            static fn(int $seed): int => $shuffled->round([1.0, 2.0, 3.0, 4.0], 3, new SeededRandom($seed))[0],
            range(1, 2_000),
        );
        foreach (array_count_values($firsts) as $count) {
            self::assertEqualsWithDelta(500, $count, 80);
        }
    }

    public function testLaddersClimbAndTheMiddleComesFirst(): void
    {
        $random = new SeededRandom(1);
        $round = static fn(string $kind, int $balls): array => self::order($kind)->round(
            [9.0, 3.0, 6.0],
            $balls,
            $random,
        );
        self::assertSame([0, 0, 1, 1, 2, 2], $round('as_laid', 2));
        self::assertSame([1, 1, 2, 2, 0, 0], $round('ladder', 2));
        self::assertSame([2, 1, 0, 2, 1, 0], $round('middle_short_long', 2));
        self::assertSame([0, 1, 2], array_slice($round('blocked_then_shuffled', 1), 0, 3));
        self::assertSame([0, 0, 1, 1, 2, 2], array_slice($round('blocked_then_lap', 2), 0, 6));
        // The first two of three stations are the first half; the last one comes last.
        self::assertSame([2, 2], array_slice($round('shuffled_in_halves', 2), 4));
    }

    private static function order(string $kind): Order
    {
        return Orders::all()[$kind]->read(JsonInput::fromArray([]));
    }
}
