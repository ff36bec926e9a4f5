<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** Later tries at a putt come closer than first ones: what was practised is the repeat. */
final class LaterAttemptsCloser implements Rule
{
    /** Fewer balls of either kind say nothing. */
    private const FEWEST = 6;

    /** So many more of the later ones inside are worth saying, a share. */
    private const APART = 0.2;

    public function note(InsightFacts $facts): ?Insight
    {
        $tries = $facts->tries;
        if ($tries === null || $tries->first < self::FEWEST || $tries->later < self::FEWEST) {
            return null;
        }
        $apart = $tries->laterInside / $tries->later - $tries->firstInside / $tries->first;

        return $apart < self::APART
            ? null
            : new Insight(
                key: 'pace.first_tries',
                seen: 'First attempts finish further from the target than later ones.',
                evidence: sprintf(
                    'Within 10 %% of the length: %d of %d first attempts, %d of %d later ones.',
                    $tries->firstInside,
                    $tries->first,
                    $tries->laterInside,
                    $tries->later,
                ),
                cost: 0.4,
                sureness: min(1.0, $tries->first / 20.0),
                stamp: (string) (int) round(10.0 * $apart),
                try: 'Use one ball and a new putt each time: a round gives no second attempt.',
                otherWay: 'Repeats help while a stroke is being built.',
                refutedBy: 'First attempts as close as later ones, with a new length each time.',
            );
    }
}
