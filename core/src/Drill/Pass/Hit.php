<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Json\JsonInput;

/** The stand-up object, the ball or the tee was struck. */
final readonly class Hit implements PassRule
{
    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind']);

        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::hit();
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['hit'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target->canBeHit() ? null : 'Nothing can be struck at this target.';
    }
}
