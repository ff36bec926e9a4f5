<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Session\BallMark;
use Amble\Core\Session\Cause;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Stop;

/**
 * Which cause of a miss the evidence points at.
 *
 * Asked in this order, each only where there is evidence: did it roll true; did it start on line; was
 * its pace inside the window; then the read; else the surface. The coach decides.
 */
final class CauseProposal
{
    /**
     * @param bool $isStraight whether the putt was proved straight by rolling, so that no read can be wrong
     *
     * @return Cause|null null when the ball passed, or nothing tells
     */
    public static function of(LastBall $last, DrillRules $drill, bool $isStraight): ?Cause
    {
        $ball = $last->putt->ball;
        $startedWell = $ball->sight->gate === GateResult::Through;

        return match (true) {
            // A ball that did what its drill asks has no fault to name.
            $last->passed => null,
            $ball->remarks->mark === BallMark::Mishit => Cause::Strike,
            $ball->remarks->mark === BallMark::Bumps => Cause::Luck,
            $ball->sight->gate !== null && !$startedWell => Cause::StartLine,
            $last->isInsidePace === false => Cause::Pace,
            // A good start at a good pace that did not go in was read wrongly, or turned by the green. A gate
            // easier than the hole lets through starts that could not go in, so it clears nothing.
            $startedWell &&
                $last->gate !== AgainstHole::Wider &&
                $last->isInsidePace === true &&
                $ball->stop !== Stop::Holed
                => $isStraight ? Cause::Luck : Cause::Read,
            default => null,
        };
    }
}
