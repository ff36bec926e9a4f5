<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;

/** When a ball passes; all kinds stand in the table PassRules. Immutable. */
abstract readonly class PassRule
{
    /** What the next ball must do to pass. */
    abstract public function acceptance(PassContext $context): Acceptance;

    /** Which part of the putt the rule looks at. */
    abstract public function axis(): Axis;

    /**
     * What must be noted of a ball for the rule to judge it: names of event fields.
     *
     * @return list<string>
     */
    abstract public function needs(): array;

    /** Why the rule makes no sense with the rest of the drill; null when it does. */
    public function contradiction(PassSetting $setting): ?string
    {
        return null;
    }

    /** Whether what passes hangs on balls rolled before at the same station. */
    public function hangsOnEarlier(): bool
    {
        return false;
    }

    /** Whether this ball only measures what the next ones are held against: it neither passes nor counts. */
    public function isMeasure(PassContext $context): bool
    {
        return false;
    }

    /** Whether balls pass or miss at all. */
    public function judges(): bool
    {
        return true;
    }

    /** A student's chance to pass, from what their evidence says of them; null where that is not known. */
    public function chance(PassContext $context, PassChances $skill): ?float
    {
        return null;
    }
}
