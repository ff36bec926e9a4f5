<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\RuleKind;
use Amble\Core\Numeric\RandomSource;

/** The table of orders by name. A new one is an entry here. */
final class Orders
{
    /** @return non-empty-array<string, RuleKind<Order>> in the order an editor offers them */
    public static function all(): array
    {
        return [
            // Blocked practice.
            'as_laid' => self::kind(
                'Station by station',
                'station by station',
                self::blocked(...),
                keepsStationsTogether: true,
            ),
            'ladder' => self::kind(
                'Shortest first',
                'shortest first',
                self::shortestFirst(...),
                keepsStationsTogether: true,
            ),
            'middle_short_long' => self::kind(
                'Middle, short, long',
                'middle, short, long in turn',
                self::middleShortLong(...),
            ),
            'shuffled' => self::kind('Shuffled', 'mixed, never the same twice in a row', self::shuffled(...)),
            'shuffled_in_halves' => self::kind(
                'First half shuffled, then the second',
                'the first half of the stations mixed, then the second half',
                self::shuffledInHalves(...),
            ),
            // The stroke is built first; then the stations are mixed, as on the course.
            'blocked_then_shuffled' => self::kind(
                'In blocks, then shuffled',
                'station by station, then mixed',
                static fn(array $lengths, int $ballsEach, RandomSource $random): array => [
                    ...self::blocked($lengths, $ballsEach),
                    ...self::shuffled($lengths, $ballsEach, $random),
                ],
            ),
            'blocked_then_lap' => self::kind(
                'In blocks, then one lap',
                'station by station, then one lap with a single ball from each',
                static fn(array $lengths, int $ballsEach, RandomSource $random): array => [
                    ...self::blocked($lengths, $ballsEach),
                    ...self::shuffled($lengths, 1, $random),
                ],
            ),
        ];
    }

    /**
     * @param \Closure(non-empty-list<float>, positive-int, RandomSource): non-empty-list<non-negative-int> $round
     *
     * @return RuleKind<Order>
     */
    private static function kind(
        string $label,
        string $words,
        \Closure $round,
        bool $keepsStationsTogether = false,
    ): RuleKind {
        return RuleKind::of(
            new KindDescription($label, $words),
            static fn(): Order => new Order($words, $keepsStationsTogether, $round),
        );
    }

    /**
     * Station after station as they stand in the drill.
     *
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function blocked(array $lengths, int $ballsEach): array
    {
        return array_merge(
            ...array_map(static fn(int $station): array => array_fill(0, $ballsEach, $station), array_keys($lengths)),
        );
    }

    /**
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function shortestFirst(array $lengths, int $ballsEach): array
    {
        asort($lengths);
        $upward = array_keys($lengths);

        return array_map(
            static fn(int $place): int => $upward[$place],
            self::blocked(array_values($lengths), $ballsEach),
        );
    }

    /**
     * One ball from the middle, the shortest and the longest in turn, then inward; and so again.
     *
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function middleShortLong(array $lengths, int $ballsEach): array
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

        return array_merge(...array_fill(0, $ballsEach, $turn));
    }

    /**
     * Mixed lengths, never the same twice running: always draws among the stations that are not the last one. A station
     * with more than half of the balls left must be taken, or it could not be kept apart later.
     *
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function shuffled(array $lengths, int $ballsEach, RandomSource $random): array
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

    /**
     * The first half of the stations mixed, then the second half: the level ones before the slopes, say.
     *
     * @param non-empty-list<float> $lengths
     * @param positive-int $ballsEach
     *
     * @return non-empty-list<non-negative-int>
     */
    private static function shuffledInHalves(array $lengths, int $ballsEach, RandomSource $random): array
    {
        $half = max(1, intdiv(count($lengths) + 1, 2));
        [$first, $second] = [array_slice($lengths, 0, $half), array_slice($lengths, $half)];

        return [
            ...self::shuffled($first, $ballsEach, $random),
            ...array_map(
                static fn(int $station): int => max(0, $half + $station),
                $second === [] ? [] : self::shuffled($second, $ballsEach, $random),
            ),
        ];
    }

    /**
     * @param non-empty-array<non-negative-int, int> $left balls left by station
     *
     * @return non-negative-int
     */
    private static function draw(array $left, ?int $last, int $remaining, RandomSource $random): int
    {
        $open = array_keys(
            array_filter(
                $left,
                static fn(int $balls, int $station): bool => $balls > 0 && $station !== $last,
                ARRAY_FILTER_USE_BOTH,
            ),
        );
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
