<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Past the front lip and short of a rod laid behind; a ball that the rod cut short went too far. */
final readonly class BetweenLipAndRod implements PassRule, LengthWindow
{
    use JudgedByLength;

    private function __construct(private float $behind)
    {
    }

    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind', 'behind_m']);

        return new self(Check::positive($rule->number('behind_m'), $rule->path('behind_m')));
    }

    public function window(Length $length, ?float $step): array
    {
        return [0.0, $step ?? $this->behind];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::Rail ? null : 'Between lip and rod needs a rail as its target.';
    }
}
