<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;

/** Balls far off the student's own line are shown, never dropped (maths.md 3.5). */
final class Outliers implements Rule
{
    public function note(InsightFacts $facts): ?Insight
    {
        $odd = count($facts->fit->marked);

        return $odd === 0
            ? null
            : new Insight(
                'stroke.odd',
                $odd === 1
                    ? 'One ball is far off this student\'s curve.'
                    : "$odd balls are far off this student's curve.",
                sprintf(
                    'More than three spreads away, of %d balls fitted. They count for little, but are not dropped.',
                    $facts->fit->n,
                ),
                0.3,
                1.0,
                (string) $odd,
                'Check them in the list: mark a mishit, or edit the entry.',
                isOfRecord: true,
            );
    }
}
