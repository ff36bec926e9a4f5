<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

/**
 * Whether balls from one station were struck with several backstrokes on purpose, to measure how far each rolls.
 *
 * Nobody who putts at a target keeps to one backstroke for some balls and then changes it by a sixth: such a change
 * rolls the ball a third further. A steady climb of one backstroke after another is a measurement too.
 */
final class ChosenBackstrokes
{
    /** Balls of one chosen backstroke, at the least. */
    private const FEWEST_ALIKE = 3;

    /** Backstrokes this much apart are of one chosen length, share. */
    private const ALIKE = 0.08;

    /** Chosen lengths lie at least this far apart, share. */
    private const APART = 0.15;

    /** Balls of a steady climb, at the least, and the least step of it, share. */
    private const FEWEST_OF_A_CLIMB = 5;
    private const LEAST_STEP = 0.08;

    /**
     * @param list<float|null> $backstrokes metres, of one stretch of like balls in their order; null where none was
     *     noted
     */
    public static function areIn(array $backstrokes): bool
    {
        $noted = array_values(array_filter($backstrokes, static fn(?float $metres): bool => $metres !== null));

        return self::isClimb($noted) || self::isInSteps($noted);
    }

    /** @param list<float> $backstrokes */
    private static function isClimb(array $backstrokes): bool
    {
        if (count($backstrokes) < self::FEWEST_OF_A_CLIMB) {
            return false;
        }
        $steps = [];
        for ($i = 1, $n = count($backstrokes); $i < $n; ++$i) {
            $steps[] = log($backstrokes[$i] / $backstrokes[$i - 1]);
        }

        return min($steps) >= self::LEAST_STEP || max($steps) <= -self::LEAST_STEP;
    }

    /** @param list<float> $backstrokes */
    private static function isInSteps(array $backstrokes): bool
    {
        /** @var list<non-empty-list<float>> $runs */
        $runs = [];
        foreach ($backstrokes as $metres) {
            $last = count($runs) - 1;
            if ($last >= 0 && abs(log($metres / $runs[$last][0])) <= self::ALIKE) {
                $runs[$last][] = $metres;
            } else {
                $runs[] = [$metres];
            }
        }
        for ($i = 1, $n = count($runs); $i < $n; ++$i) {
            // Only the last may still be short: more of its balls are to come.
            $isWhole =
                count($runs[$i - 1]) >= self::FEWEST_ALIKE && ($i === $n - 1 || count($runs[$i]) >= self::FEWEST_ALIKE);
            if (!$isWhole || abs(log($runs[$i][0] / $runs[$i - 1][0])) < self::APART) {
                return false;
            }
        }

        // Two lengths need enough balls of each; a single odd ball after a run is no second length.
        return count($runs) >= 2 && count($runs[count($runs) - 1]) >= (count($runs) === 2 ? self::FEWEST_ALIKE : 1);
    }
}
