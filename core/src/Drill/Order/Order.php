<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/** In which order the stations are putted from. One file a kind; listed in Orders. */
interface Order
{
    /** What the kind says of itself. */
    public static function card(): KindCard;

    /**
     * One round: a station index (0-based) for every ball.
     *
     * @param non-empty-list<float> $lengths of the stations, metres
     * @param positive-int $ballsEach per station
     *
     * @return non-empty-list<non-negative-int>
     */
    public function round(array $lengths, int $ballsEach, RandomSource $random): array;

    /** Whether all balls of a station follow one another, so that a station can be restarted. */
    public function keepsStationsTogether(): bool;
}
