<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Distance\DistancePutt;
use Amble\Core\Green\Surface;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Length;

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
     * @param float $pace how far past a hole is played for, metres: it moves the target of balls rolled at one, not
     *                    their error (maths.md 5); 0 where errors are told from the target itself
     */
    public function __construct(private readonly ?Surface $surface, private readonly float $pace = 0.0)
    {
    }

    public function leavesOut(RolledBall $ball): ?LeftOut
    {
        return self::marked($ball) ?? match (true) {
            $ball->surface !== $this->surface => LeftOut::OtherSurface,
            $ball->ball->target === null => LeftOut::NoTarget,
            $ball->ball->stop === Stop::Unseen => LeftOut::Unmeasured,
            $ball->task?->movesTheTarget() === true => LeftOut::ToldOtherwise,
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
            [$target, $roll] = [$ball->ball->target, $ball->ball->rollMetres()];
            if ($target === null) {
                continue;
            }
            $target = $ball->isAtHole && $this->pace > 0.0 ? Length::ofMetres($target->metres() + $this->pace) : $target;
            $putts[] = match (true) {
                $ball->ball->stop === Stop::Holed => DistancePutt::holed($target, $roll),
                $ball->ball->isAtLeast() => DistancePutt::cutShortAt($target, (float) $roll),
                default => DistancePutt::stoppedAt($target, (float) $roll),
            };
        }

        return $putts;
    }
}
