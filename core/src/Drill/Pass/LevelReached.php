<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Json\JsonInput;

/**
 * The level of a tiered green that was asked for. One told to be too soft stays below it; one told to be too
 * strong reaches it and runs past the target.
 */
final readonly class LevelReached extends PassRule implements ReadsFigures
{
    /** A ball further past its target than this share of the length was no answer to it. */
    private const FURTHEST_PAST = 0.15;

    private function __construct(private int $level) {}

    public static function card(): KindDescription
    {
        return new KindDescription('Reaches its level', 'reaches level {level}, or follows its instruction', [
            new Figure('level', 'The level of the target, the ball on level 1', FigureKind::Level),
        ]);
    }

    public static function of(array $figures, JsonInput $rule): self
    {
        return new self((int) $figures['level']);
    }

    public function acceptance(PassContext $context): Acceptance
    {
        // One that drops reached the level of the hole; told to be too soft, it did not do as told.
        return match ($context->task) {
            BallTask::RehearseSoft => Acceptance::seen(
                ObservationCondition::between('level', 0.0, $this->level - 1.0),
            )->holedIs(false),
            BallTask::RehearseStrong => Acceptance::seenBeyond(
                $context->length->metres(),
                ObservationCondition::oneOf('level', [$this->level]),
            )->holedIs(true),
            // On its level, and not rolled far across it.
            default => Acceptance::seenWithin(
                $context->length->metres() * (1.0 + self::FURTHEST_PAST),
                ObservationCondition::oneOf('level', [$this->level]),
            )->holedIs(true),
        };
    }

    public function axis(): Axis
    {
        return Axis::Length;
    }

    public function needs(): array
    {
        return ['level', 'roll_m'];
    }
}
