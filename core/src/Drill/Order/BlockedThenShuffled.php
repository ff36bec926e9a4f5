<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Numeric\RandomSource;

/** First each station by itself, to build the stroke; then as many balls mixed, as on the course. */
final class BlockedThenShuffled implements Order
{
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
