<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Distance\DistancePutt;
use Amble\Core\Green\Surface;
use Amble\Core\Session\Stop;

/**
 * The balls that tell distance control (maths.md 5): rolled at a target and told nothing else. A holed ball
 * counts as inside and tells bias and spread only with a judged pace; one cut short tells "at least" (5.1).
 */
final class ForDistance extends Selection
{
    /** Fewer putts than this tell no rate of a student's own. */
    public const FEWEST = 10;

    /**
     * @param Surface|null $surface null where no green was chosen
     * @param bool $isFromTarget whether errors are told from the target itself, as a forecast needs them; else a ball
     *     at
     *                           a hole is told from where the student plays to finish past it (maths.md 5)
     */
    public function __construct(private readonly ?Surface $surface, private readonly bool $isFromTarget = false) {}

    public function leavesOut(RolledBall $ball): ?ExcludedBalls
    {
        return self::marked($ball) ??
            match (true) {
                $ball->surface !== $this->surface => ExcludedBalls::OtherSurface,
                $ball->ball->target === null => ExcludedBalls::NoTarget,
                $ball->isMeasuringStroke => ExcludedBalls::MeasuringStroke,
                $ball->ball->stop === Stop::Unseen => ExcludedBalls::Unmeasured,
                $ball->task?->movesTheTarget() === true => ExcludedBalls::ToldOtherwise,
                default => null,
            };
    }

    /**
     * @param list<RolledBall> $balls
     *
     * @return list<DistancePutt> those that count, in their order
     */
    public function putts(array $balls): array
    {
        $putts = [];
        foreach ($this->of($balls) as $ball) {
            [$target, $roll] = [$this->isFromTarget ? $ball->ball->target : $ball->meant(), $ball->ball->rollMetres()];
            if ($target === null) {
                continue;
            }
            $putts[] = match (true) {
                $ball->ball->stop === Stop::Holed => DistancePutt::holed($target, $roll),
                $ball->ball->isAtLeast() => DistancePutt::cutShortAt($target, (float) $roll),
                default => DistancePutt::stoppedAt($target, (float) $roll),
            };
        }

        return $putts;
    }
}
