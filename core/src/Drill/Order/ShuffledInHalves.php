<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** The first half of the stations mixed, then the second half: the level ones before the slopes, say. */
final class ShuffledInHalves implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('First half shuffled, then the second', 'the first half of the stations mixed, then the second half');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        $half = max(1, intdiv(count($lengths) + 1, 2));
        $shuffled = new Shuffled();
        [$first, $second] = [array_slice($lengths, 0, $half), array_slice($lengths, $half)];

        return [
            ...$shuffled->round($first, $ballsEach, $random),
            ...array_map(
                static fn(int $station): int => max(0, $half + $station),
                $second === [] ? [] : $shuffled->round($second, $ballsEach, $random),
            ),
        ];
    }

    public function keepsStationsTogether(): bool
    {
        return false;
    }
}
