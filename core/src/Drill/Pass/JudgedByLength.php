<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;

/**
 * What all rules of a stretch of lengths share: a holed ball passes, sideways is ignored.
 *
 * @phpstan-require-implements LengthWindow
 * @phpstan-require-implements PassRule
 */
trait JudgedByLength
{
    public function acceptance(PassContext $context): Acceptance
    {
        [$low, $high] = $this->window($context->length, $context->step);

        return Acceptance::roll($context->length->metres() + $low, $context->length->metres() + $high);
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::None ? 'A length to be short or long of needs a target.' : null;
    }
}
