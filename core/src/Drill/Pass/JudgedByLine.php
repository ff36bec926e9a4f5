<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\GateResult;

/**
 * What all rules of the start line share: seen through or on it, wherever the ball goes after.
 *
 * @phpstan-require-implements PassRule
 */
trait JudgedByLine
{
    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind']);

        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::gate(GateResult::Through);
    }

    public function axis(): Axis
    {
        return Axis::Line;
    }

    public function needs(): array
    {
        return ['gate'];
    }
}
