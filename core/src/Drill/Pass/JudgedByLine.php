<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\GateResult;

/**
 * What all rules of the start line share: seen through or on it, wherever the ball goes after.
 *
 * @phpstan-require-extends PassRule
 */
trait JudgedByLine
{
    public static function of(array $figures, JsonInput $rule): self
    {
        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::seen(SeenCondition::oneOf('gate', [GateResult::Through->value]));
    }

    public function axis(): Axis
    {
        return Axis::Line;
    }

    public function needs(): array
    {
        return ['gate'];
    }

    public function chance(PassContext $context, Skill $skill): ?float
    {
        return $context->aidHalfAngle === null ? null : $skill->chanceOnLine($context->aidHalfAngle);
    }
}
