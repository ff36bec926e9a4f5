<?php

declare(strict_types=1);

namespace Amble\Core\Green;

/** The drawing of a mapped hole: contour lines, and which way it falls and how surely. Immutable. */
final readonly class MapPicture
{
    /** Squares of the grid the contours are found on, to each side of the hole. */
    private const SQUARES = 20;

    /** About so many contour lines, in steps that a ruler has, metres of height. */
    private const LINES = 14;
    private const STEPS = [0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5];

    /** Arrows to each side of the hole. */
    private const ARROWS = 3;

    /** A slope known no better than this is vague, rise per run: half a per cent. */
    private const VAGUE = 0.005;

    /**
     * @param float $reach how far the map says anything, metres
     * @param float $step metres of height between two contour lines
     * @param list<array{float, list<array{float, float, float, float}>}> $contours height over the hole and its pieces, from
     *     x, y to x, y, metres
     * @param list<array{float, float, float, float, bool}> $falls place x, y; the way it falls, to the right and up, per
     *     cent; and whether it is vague there
     */
    private function __construct(
        public float $reach,
        public float $step,
        public array $contours,
        public array $falls,
    ) {}

    public static function of(HoleMap $map): self
    {
        $reach = $map->reach();
        if ($reach === 0.0) {
            return new self(0.0, self::STEPS[0], [], []);
        }
        $side = $reach / self::SQUARES;
        $heights = $said = [];
        for ($i = -self::SQUARES; $i <= self::SQUARES; ++$i) {
            for ($j = -self::SQUARES; $j <= self::SQUARES; ++$j) {
                $heights[$i][$j] = $map->height($i * $side, $j * $side);
                if (hypot($i, $j) <= self::SQUARES) {
                    $said[] = $heights[$i][$j];
                }
            }
        }
        [$low, $high] = [min([0.0, ...$said]), max([0.0, ...$said])];
        $step = self::step($high - $low);
        $contours = [];
        for ($level = (int) ceil($low / $step); $level * $step <= $high; ++$level) {
            $pieces = self::pieces($heights, $side, $reach, $level * $step);
            if ($pieces !== []) {
                $contours[] = [$level * $step, $pieces];
            }
        }

        return new self($reach, $step, $contours, self::falls($map, $reach));
    }

    private static function step(float $range): float
    {
        foreach (self::STEPS as $step) {
            if ($range <= self::LINES * $step) {
                return $step;
            }
        }

        return self::STEPS[count(self::STEPS) - 1];
    }

    /**
     * A contour's pieces, a straight one a triangle: each square is cut in two, so that no case is ambiguous.
     *
     * @param array<int, array<int, float>> $heights by square
     *
     * @return list<array{float, float, float, float}>
     */
    private static function pieces(array $heights, float $side, float $reach, float $level): array
    {
        $pieces = [];
        for ($i = -self::SQUARES; $i < self::SQUARES; ++$i) {
            for ($j = -self::SQUARES; $j < self::SQUARES; ++$j) {
                if (hypot($i + 0.5, $j + 0.5) * $side > $reach) {
                    continue;
                }
                foreach (
                    [[[$i, $j], [$i + 1, $j], [$i + 1, $j + 1]], [[$i, $j], [$i + 1, $j + 1], [$i, $j + 1]]]
                    as $corners
                ) {
                    $ends = self::crossings($corners, $heights, $side, $level);
                    if (count($ends) === 2) {
                        $pieces[] = [...$ends[0], ...$ends[1]];
                    }
                }
            }
        }

        return $pieces;
    }

    /**
     * Where a level crosses the sides of a triangle.
     *
     * @param array{array{int, int}, array{int, int}, array{int, int}} $corners
     * @param array<int, array<int, float>> $heights
     *
     * @return list<array{float, float}>
     */
    private static function crossings(array $corners, array $heights, float $side, float $level): array
    {
        $ends = [];
        foreach ([[0, 1], [1, 2], [2, 0]] as [$a, $b]) {
            [$from, $to] = [$corners[$a], $corners[$b]];
            [$low, $high] = [$heights[$from[0]][$from[1]] - $level, $heights[$to[0]][$to[1]] - $level];
            if ($low > 0.0 !== $high > 0.0) {
                $share = $low / ($low - $high);
                $ends[] = [
                    round(($from[0] + $share * ($to[0] - $from[0])) * $side, 3),
                    round(($from[1] + $share * ($to[1] - $from[1])) * $side, 3),
                ];
            }
        }

        return $ends;
    }

    /** @return list<array{float, float, float, float, bool}> */
    private static function falls(HoleMap $map, float $reach): array
    {
        $falls = [];
        for ($i = -self::ARROWS; $i <= self::ARROWS; ++$i) {
            for ($j = -self::ARROWS; $j <= self::ARROWS; ++$j) {
                [$x, $y] = [($i * $reach) / (self::ARROWS + 0.25), ($j * $reach) / (self::ARROWS + 0.25)];
                // An arrow at the very edge would point out of the map.
                if (hypot($x, $y) > 0.95 * $reach) {
                    continue;
                }
                [$right, $up] = $map->slope($x, $y);
                $falls[] = [$x, $y, -100.0 * $right, -100.0 * $up, max($map->slopeErrors($x, $y)) > self::VAGUE];
            }
        }

        return $falls;
    }
}
