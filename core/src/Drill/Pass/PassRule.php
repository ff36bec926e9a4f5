<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** When a ball passes. One file a kind; listed in PassRules. */
interface PassRule
{
    /** @throws InvalidInput If a figure of the rule is missing or out of range. */
    public static function read(JsonInput $rule): self;

    /** What the next ball must do to pass. */
    public function acceptance(PassContext $context): Acceptance;

    /** Which part of the putt the rule looks at. */
    public function axis(): Axis;

    /**
     * What must be noted of a ball for the rule to judge it: names of event fields.
     *
     * @return list<string>
     */
    public function needs(): array;

    /** Why the rule makes no sense with the rest of the drill; null when it does. */
    public function contradiction(PassSetting $setting): ?string;
}
