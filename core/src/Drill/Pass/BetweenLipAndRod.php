<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;

/** Past the front lip and short of a rod laid behind; a ball that the rod cut short went too far. */
final readonly class BetweenLipAndRod extends PassRule implements ReadsFigures
{
    use JudgedByLength;

    private function __construct(private float $behind) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Between lip and rod', 'stops past the lip, within {behind_m}', [
            new Figure('behind_m', 'The rod lies behind by', FigureKind::Roll),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['behind_m']);
    }

    public function window(PassContext $context): array
    {
        return [0.0, $context->step ?? $this->behind];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::Rail
            ? null
            : 'Between lip and rod needs a hole with a rod behind as its target.';
    }
}
