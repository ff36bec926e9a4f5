<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\Finding;

/** First balls at a putt beside later ones. */
final class LeaveByAttempt implements FindingKind
{
    public static function label(): string
    {
        return 'First and later tries apart';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        return LeaveByGroup::of(
            'Do later tries at the same putt come closer?',
            $run->by(
                static fn(FindingBall $ball): ?string => match ($ball->judged->attempt) {
                    null => null,
                    1 => 'first tries',
                    2 => 'second tries',
                    default => 'later tries',
                },
            ),
        );
    }
}
