<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What one ball is to do, or how it is to be got ready. */
enum Task: string
{
    case Past = 'past';
    case Short = 'short';
    case Firm = 'firm';
    case Exact = 'exact';
    case LookAtTarget = 'look_at_target';
    case RehearseSoft = 'rehearse_soft';
    case RehearseStrong = 'rehearse_strong';
    case RehearseBetween = 'rehearse_between';

    /** Whether it asks for another length than the target's, so that its error is no evidence of bias. */
    public function movesTheTarget(): bool
    {
        return match ($this) {
            self::Past, self::Short, self::Firm, self::RehearseSoft, self::RehearseStrong => true,
            self::Exact, self::LookAtTarget, self::RehearseBetween => false,
        };
    }

    /** Whether a rule of tasks has anything to judge a ball by, rather than only how it was got ready. */
    public function isJudged(): bool
    {
        return match ($this) {
            self::LookAtTarget => false,
            default => true,
        };
    }
}
