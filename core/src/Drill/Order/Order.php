<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Numeric\RandomSource;

/** In which order the stations are putted from. Immutable. */
final readonly class Order
{
    /**
     * @param string $words as a drill's one line says it
     * @param bool $keepsStationsTogether whether all balls of a station follow one another, so that a station can be
     *     restarted
     * @param \Closure(non-empty-list<float>, positive-int, RandomSource): non-empty-list<non-negative-int> $round
     */
    public function __construct(public string $words, public bool $keepsStationsTogether, private \Closure $round) {}

    /**
     * One round: a station index (0-based) for every ball.
     *
     * @param non-empty-list<float> $lengths of the stations, metres
     * @param positive-int $ballsEach per station
     *
     * @return non-empty-list<non-negative-int>
     */
    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        return ($this->round)($lengths, $ballsEach, $random);
    }
}
