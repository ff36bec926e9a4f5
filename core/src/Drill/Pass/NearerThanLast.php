<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;

/** Nearer the target than the ball before it; the first at a station always passes. */
final readonly class NearerThanLast implements PassRule
{
    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind']);

        return new self();
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        return $context->lastDistance === null
            || $context->distance($ball) < $context->lastDistance - Check::SLACK;
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
        return $setting->target === TargetKind::None ? 'A length to be short or long of needs a target.' : null;
    }
}
