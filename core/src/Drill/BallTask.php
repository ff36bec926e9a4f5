<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What one ball is to do, or how it is to be got ready. */
enum BallTask: string
{
    case Past = 'past';
    case Short = 'short';
    case Soft = 'soft';
    case Firm = 'firm';
    case Exact = 'exact';
    case LookAtTarget = 'look_at_target';
    case LookAtBall = 'look_at_ball';
    case RehearseSoft = 'rehearse_soft';
    case RehearseStrong = 'rehearse_strong';
    case RehearseBetween = 'rehearse_between';
    case StanceNarrow = 'stance_narrow';
    case StanceMiddle = 'stance_middle';
    case StanceWide = 'stance_wide';
    case AimWider = 'aim_wider';
    case MorePace = 'more_pace';
    case RollByHand = 'roll_by_hand';

    /** Whether it asks for another length than the target's, so that its error is no evidence of bias. */
    public function movesTheTarget(): bool
    {
        return match ($this) {
            self::Past, self::Short, self::Soft, self::Firm, self::RehearseSoft, self::RehearseStrong => true,
            default => false,
        };
    }

    /** Whether a rule of tasks has anything to judge a ball by, rather than only how it was got ready. */
    public function isJudged(): bool
    {
        return match ($this) {
            self::LookAtTarget,
            self::LookAtBall,
            self::StanceNarrow,
            self::StanceMiddle,
            self::StanceWide,
            self::AimWider,
            self::MorePace,
            self::RollByHand
                => false,
            default => true,
        };
    }

    /** Whether no putter strikes it, so that it tells nothing of a stroke. */
    public function isNoStroke(): bool
    {
        return $this === self::RollByHand;
    }
}
