<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\End\End;
use Amble\Core\Drill\Order\Order;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Drill\Pass\PassRule;
use Amble\Core\Steps\StepRule;
use Amble\Core\Units\Length;

/** The rules of a drill, checked to make sense together. Built by DrillRulesReader. Immutable. */
final readonly class DrillRules
{
    /**
     * @internal
     *
     * @param non-empty-list<Station> $stations
     * @param positive-int $ballsEach per station and round
     * @param list<BallTask> $tasks in turn, ball by ball at a station; empty for none
     * @param non-negative-int $startStep of the steps, from the widest
     * @param positive-int $restAfter balls between prompts to rest
     * @param StepRule $stepRule by which a step or a level is earned and lost
     * @param float $finishPast how far past a hole whoever rolls it plays for, metres
     */
    public function __construct(
        public array $stations,
        public TargetKind $target,
        public ?Aid $aid,
        public Order $order,
        public int $ballsEach,
        public PassRule $pass,
        public OnMiss $onMiss,
        public array $tasks,
        public bool $isCalledFirst,
        public ?Points $points,
        public PutOut $putOut,
        public ?DrillSteps $steps,
        public int $startStep,
        public End $end,
        public DrillLimit $cap,
        public int $restAfter,
        public StepRule $stepRule,
        private float $finishPast = 0.0,
    ) {}

    /** The same rules for a student who plays to finish so far past a hole, metres. */
    public function playedPast(float $metres): self
    {
        return $metres === $this->finishPast
            ? $this
            : new self(
                stations: $this->stations,
                target: $this->target,
                aid: $this->aid,
                order: $this->order,
                ballsEach: $this->ballsEach,
                pass: $this->pass,
                onMiss: $this->onMiss,
                tasks: $this->tasks,
                isCalledFirst: $this->isCalledFirst,
                points: $this->points,
                putOut: $this->putOut,
                steps: $this->steps,
                startStep: $this->startStep,
                end: $this->end,
                cap: $this->cap,
                restAfter: $this->restAfter,
                stepRule: $this->stepRule,
                finishPast: $metres,
            );
    }

    /** What the ball with this number at its station is to do; null for nothing special. */
    public function task(int $ballAtStation): ?BallTask
    {
        return $this->tasks === [] ? null : $this->tasks[$ballAtStation % count($this->tasks)];
    }

    /**
     * What a ball is judged against.
     *
     * @param non-negative-int $ballAtStation
     * @param float|null $step the width in force where the drill steps up and down, metres
     */
    public function context(
        Length $length,
        int $ballAtStation,
        ?float $step,
        ?float $lastDistance = null,
        ?float $firstRoll = null,
    ): PassContext {
        $width = $this->aidWidth($step);

        return new PassContext(
            length: $length,
            task: $this->task($ballAtStation),
            step: $step,
            lastDistance: $lastDistance,
            firstRoll: $firstRoll,
            aidHalfAngle: $width === null ? null : $this->aid?->halfAngle(Length::ofMetres($width)),
            canBeHoled: $this->target->canBeHoled(),
            finishPast: $this->target->canBeHoled() ? $this->finishPast : 0.0,
            isAtEdge: $this->target === TargetKind::Edge,
        );
    }

    /**
     * Names of the event fields a ball must bring.
     *
     * @return list<string>
     */
    public function needs(): array
    {
        $needs = $this->pass->needs();
        if ($this->points !== null) {
            $needs[] = 'roll_m';
        }
        if ($this->isCalledFirst) {
            $needs[] = 'call';
        }

        return array_values(array_unique($needs));
    }

    /**
     * The clear width of the gate, rail or spot in force, metres; null where there is none or it has none.
     *
     * @param float|null $step the width stepped to, where the drill steps
     */
    public function aidWidth(?float $step): ?float
    {
        // Only where the line is judged does a step mean the aid; elsewhere it is the window's.
        return $this->aid === null
            ? null
            : ($this->pass->axis() === Axis::Line ? $step : null) ?? $this->aid->width?->metres();
    }

    /**
     * What the aid in force lets through against what the hole takes; null where either is missing.
     *
     * @param float|null $width in force, metres
     */
    public function aidAgainstHole(Length $length, ?float $width): ?AgainstHole
    {
        $angle =
            $width === null || !$this->target->canBeHoled() ? null : $this->aid?->halfAngle(Length::ofMetres($width));

        return $angle === null ? null : AgainstHole::of($angle, AgainstHole::holeHalfAngle($length));
    }

    /** Most points one ball can bring; 0 without points. */
    public function mostPoints(): int
    {
        return $this->points?->most($this->target->canBeHoled()) ?? 0;
    }

    /** The longest length a station may have. */
    public static function longest(): Length
    {
        return Length::ofMetres(60.0);
    }
}
