<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** In the hole. */
final readonly class HoledRule extends PassRule implements ReadsFigures
{
    public static function card(): KindDescription
    {
        return new KindDescription('Holed', 'is holed');
    }

    public static function of(array $figures, JsonInput $rule): self
    {
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

    public function chance(PassContext $context, PassChances $skill): ?float
    {
        return $skill->chanceHoled($context);
    }
}
