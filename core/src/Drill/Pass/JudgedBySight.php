<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Json\JsonInput;

/**
 * What all rules share that are settled by one thing seen of the ball, wherever it goes after.
 *
 * @phpstan-require-extends PassRule
 */
trait JudgedBySight
{
    abstract private static function condition(PassContext $context): SeenCondition;

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::seen(self::condition($context));
    }
}
