<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;

/** Inside a share of the length, short or long; sideways ignored (a tenth, unless the drill says otherwise). */
final readonly class ShareOfLength implements PassRule
{
    private function __construct(private float $share)
    {
    }

    public static function read(JsonInput $rule): self
    {
        return new self(Check::share($rule->numberOr('share', DistanceControl::DEFAULT_WINDOW), $rule->path('share')));
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        if ($ball->stop === Stop::Holed) {
            return true;
        }
        $window = $context->step ?? $this->share * $context->length->metres();

        return abs($context->past($ball)) <= $window + Check::SLACK;
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
