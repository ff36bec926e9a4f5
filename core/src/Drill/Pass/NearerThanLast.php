<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

/** Nearer the target than the ball before it; the first at a station is what the second is held against. */
final readonly class NearerThanLast extends PassRule implements ReadsFigures
{
    public static function card(): KindDescription
    {
        return new KindDescription('Nearer than the last', 'stops nearer than the one before');
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self();
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return $context->lastDistance === null
            ? Acceptance::anything()
            : // Nearer, not as near: less by more than the slack that a ring grants.
            Acceptance::ring($context->length->metres(), $context->lastDistance - 2.0 * Check::SLACK);
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

    public function isMeasure(PassContext $context): bool
    {
        return $context->lastDistance === null;
    }

    public function hangsOnEarlier(): bool
    {
        return true;
    }
}
