<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\Finding;

/** First balls at a putt beside later ones. */
final class LeaveByAttempt implements FindingKind
{
    public static function label(): string
    {
        return 'First and later attempts';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        return LeaveByGroup::of(
            'Are later attempts at the same putt closer?',
            $run->by(
                static fn(FindingBall $ball): ?string => match ($ball->judged->attempt) {
                    null => null,
                    1 => 'first attempts',
                    2 => 'second attempts',
                    default => 'later attempts',
                },
            ),
        );
    }
}
