<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** The object was struck, or the ball stopped inside a ring around it. */
final readonly class HitOrNear extends PassRule implements ReadsFigures
{
    private function __construct(private float $radius) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Hits it or stops near', 'hits it, or stops within {radius_m}', [
            new Figure('radius_m', 'Near is within', FigureKind::Roll, 0.9),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['radius_m']);
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::struckOrRing($context->length->metres(), $context->step ?? $this->radius);
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target->canBeHit() ? null : 'Nothing can be hit at this target.';
    }
}
