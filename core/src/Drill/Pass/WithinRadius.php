<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

/** Inside a ring around the target, in any direction. */
final readonly class WithinRadius implements PassRule
{
    private function __construct(private float $radius)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'radius_m']);

        return new self(Check::positive($rule->number('radius_m'), $rule->path('radius_m')));
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::ring($context->length->metres(), $context->step ?? $this->radius);
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['roll_m', 'side_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::None ? 'A length to be short or long of needs a target.' : null;
    }
}
