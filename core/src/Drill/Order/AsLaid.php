<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** Station after station as they were laid out: blocked practice. */
final class AsLaid implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('Station by station', 'station by station');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        $round = [];
        foreach (array_keys($lengths) as $station) {
            array_push($round, ...array_fill(0, $ballsEach, $station));
        }

        return $round;
    }

    public function keepsStationsTogether(): bool
    {
        return true;
    }
}
