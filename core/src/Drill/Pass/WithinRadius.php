<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;

/** Inside a ring around the target, in any direction. */
final readonly class WithinRadius extends PassRule implements ReadsFigures
{
    private function __construct(private float $radius) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Inside a ring', 'stops within {radius_m}', [
            new Figure('radius_m', 'Radius of the ring', FigureKind::Roll),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['radius_m']);
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

    public function chance(PassContext $context, PassChances $skill): ?float
    {
        return $skill->chanceInRing($context, $context->step ?? $this->radius);
    }
}
