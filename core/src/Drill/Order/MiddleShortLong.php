<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** One ball from the middle, the shortest and the longest in turn, then outward; and so again. */
final class MiddleShortLong implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('Middle, short, long', 'middle, short, long in turn');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        asort($lengths);
        $sorted = array_keys($lengths);
        $middle = intdiv(count($sorted), 2);
        $turn = [$sorted[$middle]];
        array_splice($sorted, $middle, 1);
        while ($sorted !== []) {
            $turn[] = array_shift($sorted);
            if ($sorted !== []) {
                $turn[] = array_pop($sorted);
            }
        }

        $round = $turn;
        for ($ball = 1; $ball < $ballsEach; ++$ball) {
            array_push($round, ...$turn);
        }

        return $round;
    }

    public function keepsStationsTogether(): bool
    {
        return false;
    }
}
