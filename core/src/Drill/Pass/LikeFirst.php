<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/** As far as the first ball of its set, by a share of that; the first is the measure of the others. */
final readonly class LikeFirst extends PassRule implements ReadsFigures
{
    private function __construct(private float $share) {}

    public static function card(): KindDescription
    {
        return new KindDescription(
            'As far as the first of its set',
            'stops as far as the first of its set, within {share}',
            [new Figure('share', 'Off the first ball by at most', FigureKind::Share, DistanceControl::DEFAULT_WINDOW)],
        );
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self($figures['share']);
    }

    public function acceptance(PassContext $context): Acceptance
    {
        $first = $context->firstRoll;

        return $first === null
            ? Acceptance::anything()
            : Acceptance::roll($first * (1.0 - $this->share), $first * (1.0 + $this->share));
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['roll_m'];
    }

    public function isMeasure(PassContext $context): bool
    {
        return $context->firstRoll === null;
    }

    public function hangsOnEarlier(): bool
    {
        return true;
    }
}
