<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;

/**
 * What all rules of a stretch of lengths share: a holed ball passes, sideways is ignored.
 *
 * @phpstan-require-extends PassRule
 */
trait JudgedByLength
{
    /**
     * Where a ball may stop: metres past the target, negative short of it.
     *
     * @return array{float, float} low and high
     */
    abstract public function window(PassContext $context): array;

    public function acceptance(PassContext $context): Acceptance
    {
        [$low, $high] = $this->window($context);

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

    /** A holed ball that would have run on is counted too, so this is a little low at a hole. */
    public function chance(PassContext $context, PassChances $skill): ?float
    {
        [$low, $high] = $this->window($context);

        return $skill->chanceBetween($context, $low, $high);
    }
}
