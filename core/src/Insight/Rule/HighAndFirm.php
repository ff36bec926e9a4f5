<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Review\Measure\LowSide;

/** Misses high and well past: the pace does not fit the read, and the read is left as it is. */
final class HighAndFirm implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $misses = $facts->lately === null ? [] : LowSide::misses($facts->lately);
        $high = array_values(array_filter($misses, static fn(RolledBall $ball): bool => !LowSide::isLow($ball)));
        $past = array_filter($high, self::isPast(...));
        [$n, $many] = [count($high), count($past)];
        if (!Significance::shareAbove($n, count($misses)) || !Significance::shareAbove($many, $n)) {
            return null;
        }

        return new Insight(
            key: 'read.pace',
            seen: 'Breaking putts stay high because they are too firm.',
            evidence: sprintf('%d of %d misses high, %d of those more than 10 %% past.', $n, count($misses), $many),
            cost: 0.6,
            sureness: min(1.0, $n / 20.0),
            stamp: (string) intdiv($n, 4),
            try: 'Keep the read, and let the ball die at the hole.',
            otherWay: null,
            refutedBy: 'The same line at the planned pace: holed or low.',
            school: null,
            balls: $high,
        );
    }

    private static function isPast(RolledBall $ball): bool
    {
        $roll = $ball->ball->rollMetres();
        $meant = $ball->meant()?->metres() ?? 0.0;

        return $roll !== null && $roll > (1.0 + DistanceControl::DEFAULT_WINDOW) * $meant;
    }
}
