<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\Finding;

/** Level, uphill and downhill balls beside one another. */
final class LeaveBySlope implements FindingKind
{
    public static function label(): string
    {
        return 'Level, uphill and downhill';
    }

    public static function of(FindingBalls $run): ?Finding
    {
        return LeaveByGroup::of(
            'Are uphill and downhill as good as level?',
            $run->by(
                static fn(FindingBall $ball): string => match (true) {
                    $ball->ball->grade->ratio() > 0.0 => 'uphill',
                    $ball->ball->grade->ratio() < 0.0 => 'downhill',
                    default => 'level',
                },
            ),
        );
    }
}
