<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** The other ball was struck, and how far the two lie apart afterwards fits what was told: soft or firm. */
final readonly class HitAndGap extends PassRule implements ReadsFigures
{
    private function __construct(private float $soft, private float $firm) {}

    public static function card(): KindDescription
    {
        return new KindDescription(
            'Hits it, soft or firm as instructed',
            'hits it and the two finish apart as instructed: {soft_m} at most when soft, {soft_m} to {firm_m} when firm',
            [
                new Figure('soft_m', 'Soft: apart by at most', FigureKind::Roll, 0.3),
                new Figure('firm_m', 'Firm: apart by at most', FigureKind::Roll, 0.9),
            ],
        );
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return $figures['firm_m'] > $figures['soft_m']
            ? new self($figures['soft_m'], $figures['firm_m'])
            : throw InvalidInput::at(
                $rule->path('firm_m'),
                'Struck firmly, the balls lie further apart than struck softly.',
            );
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::seen(
            ObservationCondition::oneOf('hit', [true]),
            $context->task === BallTask::Firm
                ? ObservationCondition::between('gap_m', $this->soft, $this->firm)
                : ObservationCondition::between('gap_m', 0.0, $this->soft),
        );
    }

    public function axis(): Axis
    {
        return Axis::Both;
    }

    public function needs(): array
    {
        return ['hit', 'gap_m'];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $setting->target === TargetKind::Ball
            ? null
            : 'The gap after the strike needs another ball as the target.';
    }
}
