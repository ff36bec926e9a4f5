<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** First each station by itself, to build the stroke; then as many balls mixed, as on the course. */
final class BlockedThenShuffled implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('In blocks, then shuffled', 'station by station, then mixed');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        return [
            ...(new AsLaid())->round($lengths, $ballsEach, $random),
            ...(new Shuffled())->round($lengths, $ballsEach, $random),
        ];
    }

    public function keepsStationsTogether(): bool
    {
        return false;
    }
}
