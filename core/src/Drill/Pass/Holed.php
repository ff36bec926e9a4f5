<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Json\JsonInput;

/** In the hole. */
final readonly class Holed implements PassRule
{
    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind']);

        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::holed();
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return [];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target->canBeHoled() ? null : 'Nothing can be holed at this target.';
    }
}
