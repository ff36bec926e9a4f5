<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

/** When the insights speak, and what it says. One file a rule; listed in Rules. */
interface Rule
{
    /** The note, where what must be known is known and says so; else silence. */
    public function note(InsightFacts $facts): ?Insight;
}
