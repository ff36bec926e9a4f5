<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** Three putts from where the coach says they should not come, over rounds. */
final class ThreePutts implements Rule
{
    private const FEWEST = 3;
    private const ROUNDS = 2;

    public function note(InsightFacts $facts): ?Insight
    {
        $play = $facts->play;
        if ($play?->avoidable === null || $play->avoidable < self::FEWEST || $play->rounds < self::ROUNDS) {
            return null;
        }

        return new Insight(
            key: 'play.three_putts',
            seen: sprintf('%d three-putts came from lengths where they can be avoided.', $play->avoidable),
            evidence: sprintf(
                '%d rounds, %d three-putts and %d of four or more: %d strokes.',
                $play->rounds,
                $play->threePutts,
                $play->fourPutts,
                $play->strokesLost,
            ),
            cost: 0.65,
            sureness: min(1.0, $play->avoidable / 8.0),
            stamp: (string) intdiv($play->avoidable, 3),
            try: 'Work on distance at those lengths: the second putt costs the stroke.',
            otherWay: null,
            refutedBy: 'Two rounds without one.',
        );
    }
}
