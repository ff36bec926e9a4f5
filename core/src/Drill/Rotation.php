<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** Several students at one drill, each with a state of their own: whose turn is it? */
final class Rotation
{
    /**
     * Everyone still rolling, in the order of their turns: the fewest balls first; of those the one who
     * has waited longest; of those the first.
     *
     * So nobody is ever more than one ball ahead of another who still rolls, and while nobody ends the
     * order goes round unchanged.
     *
     * @param array<string, DrillState> $states by student
     * @param array<string, int> $lastBalls when each last rolled, Unix milliseconds; none yet: left out
     *
     * @return list<string> students; none when all are done
     */
    public static function turns(array $states, array $lastBalls): array
    {
        $ranks = [];
        foreach ($states as $student => $state) {
            if (!$state->phase->isOver()) {
                $ranks[] = [$state->balls, $lastBalls[$student] ?? 0, count($ranks), (string) $student];
            }
        }
        sort($ranks);

        return array_column($ranks, 3);
    }
}
