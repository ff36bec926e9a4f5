<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Session\BallMark;

/** Which balls count for one measure: for every ball whether it does, and if not, why. One file a measure. */
abstract class Selection
{
    /** Why this ball does not count; null when it does. */
    abstract public function leavesOut(RolledBall $ball): ?ExcludedBalls;

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<RolledBall> those that count, in their order
     */
    final public function of(array $balls): array
    {
        return array_values(array_filter($balls, fn(RolledBall $ball): bool => $this->leavesOut($ball) === null));
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<ExcludedBalls|null> for each why it does not count; null when it does
     */
    final public function verdicts(array $balls): array
    {
        $verdicts = [];
        foreach ($balls as $ball) {
            $verdicts[] = $this->leavesOut($ball);
        }

        return $verdicts;
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return array<string, positive-int> how many were left out, by reason, the commonest first
     */
    final public function reasons(array $balls): array
    {
        return self::counted($this->verdicts($balls));
    }

    /**
     * @param list<ExcludedBalls|null> $verdicts
     *
     * @return array<string, positive-int> how many, by reason, the commonest first
     */
    final public static function counted(array $verdicts): array
    {
        $counts = [];
        foreach ($verdicts as $why) {
            if ($why !== null) {
                $counts[$why->value] = ($counts[$why->value] ?? 0) + 1;
            }
        }
        arsort($counts);

        return $counts;
    }

    /** With a wedge, or from longer grass with whatever: what took its pace was not the green. */
    private static function isFromOffTheGreen(RolledBall $ball): bool
    {
        return $ball->ball->sight->word('club') === 'wedge' || $ball->ball->sight->word('lie') !== null;
    }

    /** A coach's mark takes a ball out of every technical figure: nobody learns from what was nobody's stroke. */
    final protected static function marked(RolledBall $ball): ?ExcludedBalls
    {
        return match ($ball->ball->remarks->mark) {
            BallMark::Mishit => ExcludedBalls::Mishit,
            BallMark::Bumps => ExcludedBalls::Bumps,
            BallMark::Distraction => ExcludedBalls::Distraction,
            BallMark::Doubt => ExcludedBalls::Doubt,
            null => $ball->task?->isNoStroke() === true || self::isFromOffTheGreen($ball)
                ? ExcludedBalls::NoPutt
                : null,
        };
    }
}
