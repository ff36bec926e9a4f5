<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Contract\JsonInput;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Axis;
use Amble\Core\Session\Ball;
use Amble\Core\Session\GateResult;

/** Through the gate without touching it; where it goes after is not judged. */
final readonly class ThroughGate implements PassRule
{
    public static function read(JsonInput $rule): self
    {
        $rule->only(['kind']);

        return new self();
    }

    public function passes(Ball $ball, PassContext $context): bool
    {
        return $ball->sight->gate === GateResult::Through;
    }

    public function axis(): Axis
    {
        return Axis::Line;
    }

    public function needs(): array
    {
        return ['gate'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->aid?->kind === AidKind::Gate ? null : 'Through the gate needs a gate.';
    }
}
