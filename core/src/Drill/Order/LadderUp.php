<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** From the shortest station to the longest, all balls of one before the next. */
final class LadderUp implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('Shortest first', 'shortest first');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        asort($lengths);
        $upward = array_keys($lengths);

        return array_map(
            static fn(int $rung): int => $upward[$rung],
            (new AsLaid())->round(array_values($lengths), $ballsEach, $random),
        );
    }

    public function keepsStationsTogether(): bool
    {
        return true;
    }
}
