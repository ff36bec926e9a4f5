<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;

/** At the target or past it, by no more than a given length; a holed ball passes. */
final readonly class PastOnly implements PassRule
{
    private function __construct(private float $within)
    {
    }

    public static function read(JsonInput $rule): self
    {
        return new self(Check::positive($rule->numberOr('within_m', 0.9), $rule->path('within_m')));
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        $past = $context->past($ball);

        return $ball->stop === Stop::Holed
            || ($past >= -Check::SLACK && $past <= ($context->step ?? $this->within) + Check::SLACK);
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
        return $setting->target === TargetKind::None ? 'A length to be short or long of needs a target.' : null;
    }
}
