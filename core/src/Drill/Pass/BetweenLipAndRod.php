<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;

/** Past the front lip and short of a rod laid behind; a ball that the rod stopped went too far. */
final readonly class BetweenLipAndRod implements PassRule
{
    private function __construct(private float $behind)
    {
    }

    public static function read(JsonInput $rule): self
    {
        return new self(Check::positive($rule->number('behind_m'), $rule->path('behind_m')));
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        if ($ball->stop === Stop::Holed) {
            return true;
        }
        $past = $context->past($ball);

        return $ball->stop !== Stop::Rod
            && $past >= -Check::SLACK
            && $past <= ($context->step ?? $this->behind) + Check::SLACK;
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::Rail ? null : 'Between lip and rod needs a rail as its target.';
    }
}
