<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindCard;
use Amble\Core\Numeric\RandomSource;

/**
 * Mixed lengths, never the same twice running.
 *
 * Always draws among the stations that are not the last one; a station with more than half of
 * the balls left must be taken, or it could not be kept apart later.
 */
final class Shuffled implements Order
{
    public static function card(): KindCard
    {
        return new KindCard('Shuffled', 'mixed, never the same twice running');
    }

    public function round(array $lengths, int $ballsEach, RandomSource $random): array
    {
        $left = array_fill(0, count($lengths), $ballsEach);
        $round = [];
        $last = null;
        for ($remaining = count($lengths) * $ballsEach; $remaining > 0; --$remaining) {
            $last = self::draw($left, $last, $remaining, $random);
            $round[] = $last;
            --$left[$last];
        }

        return $round;
    }

    public function keepsStationsTogether(): bool
    {
        return false;
    }

    /**
     * @param non-empty-array<non-negative-int, int> $left balls left by station
     *
     * @return non-negative-int
     */
    private static function draw(array $left, ?int $last, int $remaining, RandomSource $random): int
    {
        $open = array_keys(array_filter(
            $left,
            static fn(int $balls, int $station): bool => $balls > 0 && $station !== $last,
            ARRAY_FILTER_USE_BOTH,
        ));
        if ($open === []) {
            // A single station, which no shuffling can keep apart from itself.
            return array_keys($left, max($left), true)[0];
        }
        foreach ($open as $station) {
            if (2 * $left[$station] > $remaining) {
                return $station;
            }
        }

        return $open[(int) ($random->uniform() * count($open))];
    }
}
