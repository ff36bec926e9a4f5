<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Drill\Aid;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Verdict;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\LoggedBall;

/** A standing ball of a session, with what its session and its drill make of it. This class is immutable. */
final readonly class SessionBall
{
    /**
     * @param string|null $student whose it was; null where nobody is known
     * @param SessionRun|null $run in which it was rolled; null outside a drill
     * @param LengthCall|null $word short, on or long; null where nobody can tell, or nobody asked
     * @param positive-int $attempt which ball of this student at this putt it was
     * @param positive-int $block which stretch of like balls of this student it belongs to
     * @param float|null $aidWidth in force, metres
     * @param bool $isMeasuringStroke whether it was rolled to measure the backstroke, and not to finish at its target
     */
    public function __construct(
        public LoggedBall $putt,
        public ?string $student,
        public ?SessionRun $run,
        public ?BallTask $task,
        public ?Verdict $verdict,
        public ?LengthCall $word,
        public int $attempt,
        public int $block,
        public ?Aid $aid,
        public ?float $aidWidth,
        public bool $isAidChecked,
        public bool $isMeasuringStroke,
    ) {}

    /** The same ball, rolled to measure the backstroke. */
    public function measuringStroke(): self
    {
        return new self(
            putt: $this->putt,
            student: $this->student,
            run: $this->run,
            task: $this->task,
            verdict: $this->verdict,
            word: $this->word,
            attempt: $this->attempt,
            block: $this->block,
            aid: $this->aid,
            aidWidth: $this->aidWidth,
            isAidChecked: $this->isAidChecked,
            isMeasuringStroke: true,
        );
    }

    /** Whether its drill is played to a hole; a post of free rolling need not be one. */
    public function isAtHole(): bool
    {
        return $this->run?->card->rules->target->canBeHoled() === true;
    }
}
