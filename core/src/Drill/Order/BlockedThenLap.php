<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** First each station by itself; then one lap with a single ball from each, mixed: one putt, and on. */
final class BlockedThenLap implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('In blocks, then one lap', 'station by station, then one lap with a single ball from each');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        return [
            ...(new AsLaid())->round($lengths, $ballsEach, $random),
            ...(new Shuffled())->round($lengths, 1, $random),
        ];
    }

    public function keepsStationsTogether(): bool
    {
        return false;
    }
}
