<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Review\Measure\WithAndWithout;

/** A finish held, or a routine kept, that clearly makes a difference to where balls finish. */
final class FinishHeldMatters implements Rule
{
    private const FEWEST = 8;

    /** Fewer of a hundred apart are not worth a word. */
    private const LEAST = 0.2;

    public function note(InsightFacts $facts): ?Insight
    {
        foreach ($facts->lately === null ? [] : array_keys(WithAndWithout::PAIRS) as $name) {
            $note = self::of($facts, $name);
            if ($note !== null) {
                return $note;
            }
        }

        return null;
    }

    private static function of(InsightFacts $facts, string $name): ?Insight
    {
        $pair = $facts->lately === null ? null : WithAndWithout::pair($facts->lately, $name);
        if ($pair === null || min($pair[0]->n, $pair[1]->n) < self::FEWEST) {
            return null;
        }
        [$with, $without, $apart] = $pair;
        $pooled = ((float) $with->value * $with->n + (float) $without->value * $without->n) / ($with->n + $without->n);
        $error = sqrt($pooled * (1.0 - $pooled) * (1.0 / $with->n + 1.0 / $without->n));
        if ($apart < self::LEAST || !Significance::says($apart, $error, self::LEAST)) {
            return null;
        }
        [$held, $up] = WithAndWithout::PAIRS[$name];

        return new Insight(
            key: "routine.$name",
            seen: sprintf('With %s balls finish nearer than with %s.', $held, $up),
            evidence: sprintf(
                'Within 10 %%: %d of %d with, %d of %d without.',
                $with->count(),
                $with->n,
                $without->count(),
                $without->n,
            ),
            cost: 0.55,
            sureness: Significance::sureness($apart, $error),
            stamp: sprintf('%.0f', 5.0 * $apart),
            try: match ($name) {
                'held' => 'A count of three before the head comes up, on every ball.',
                'look_s' => 'The longer look at the target, before every ball.',
                default => 'Every step of the routine, on every ball. After a skipped step, step off and start again.',
            },
            otherWay: null,
            refutedBy: 'Twenty of each that finish the same.',
        );
    }
}
