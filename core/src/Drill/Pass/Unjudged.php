<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** Nothing is asked of a ball but to be rolled and measured. */
final readonly class Unjudged extends PassRule implements ReadsFigures
{
    public static function card(): KindDescription
    {
        return new KindDescription('Measured only', 'is measured; none passes or fails');
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::anything();
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function judges(): bool
    {
        return false;
    }
}
