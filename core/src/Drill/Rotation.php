<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Several students at one drill, each with a state of their own: whose turn is it? */
final class Rotation
{
    /**
     * The one with the fewest balls; of those the one who has waited longest; of those the first.
     *
     * So nobody is ever more than one ball ahead of another who still rolls.
     *
     * @param array<string, DrillState> $states by student
     * @param array<string, int> $lastBalls when each last rolled, Unix milliseconds; none yet: left out
     *
     * @return string|null the student; null when all are done
     */
    public static function next(array $states, array $lastBalls): ?string
    {
        $turn = null;
        foreach ($states as $student => $state) {
            $rank = [$state->balls, $lastBalls[$student] ?? 0];
            if (!$state->phase->isOver() && ($turn === null || $rank < $turn[1])) {
                $turn = [(string) $student, $rank];
            }
        }

        return $turn[0] ?? null;
    }
}
