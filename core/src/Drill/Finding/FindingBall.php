<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Distance\DistancePutt;
use Amble\Core\Drill\JudgedBall;
use Amble\Core\Drill\Verdict;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Length;

/** A ball of a run with what its drill made of it. This class is immutable. */
final readonly class FindingBall
{
    /** @param float $finishPast how far past its target it was meant to finish, metres: at a hole */
    public function __construct(public Ball $ball, public JudgedBall $judged, private float $finishPast = 0.0) {}

    public function hasPassed(): bool
    {
        return $this->judged->verdict === Verdict::Passed;
    }

    /** Its error of length as evidence; null where it tells none, or was told to be off. */
    public function putt(): ?DistancePutt
    {
        $target = $this->ball->target?->longerBy($this->finishPast);
        $roll = $this->ball->rollMetres();

        return match (true) {
            $target === null,
            $this->judged->task?->movesTheTarget() === true,
            $this->ball->stop === Stop::Unseen
                => null,
            $this->ball->stop === Stop::Holed => DistancePutt::holed($target, $roll),
            $roll === null => null,
            $this->ball->isAtLeast() => DistancePutt::cutShortAt($target, $roll),
            default => DistancePutt::stoppedAt($target, $roll),
        };
    }

    /** How far it rolled of its own, metres; null where it was cut short, holed or not measured. */
    public function roll(): ?float
    {
        return $this->ball->isAtLeast() ? null : $this->ball->rollMetres();
    }
}
