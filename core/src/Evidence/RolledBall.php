<?php

declare(strict_types=1);

namespace Amble\Core\Evidence;

use Amble\Core\Direction\StartLineTest;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\Verdict;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Session\Ball;
use Amble\Core\Session\RollContext;
use Amble\Core\Units\Length;

/**
 * A ball with all that judging it needs: what was seen, whose it was, and where, on what green, with what and
 * in which task it was rolled. This class is immutable.
 */
final readonly class RolledBall
{
    /**
     * @param string|null $student null where nobody said whose it was
     * @param Surface|null $surface null where no green was chosen
     * @param MeasurementInForce|null $reading of its green when it was rolled
     * @param string|null $drill key of the drill it was rolled in; null outside one
     * @param BallTask|null $task what it was told to do
     * @param Verdict|null $verdict its drill's; null outside one
     * @param LengthCall|null $word short, on or long by its drill's window, or the usual one outside a drill
     * @param positive-int $attempt which ball at this putt it was
     * @param positive-int $block which stretch of like balls of its session it belongs to
     * @param AidKind|null $aid what tested its start line
     * @param float|null $aidWidth clear width in force, metres
     * @param float|null $aidDistance metres from the ball, or length of a rail
     * @param bool $isAidChecked whether somebody saw that the aid stands as it should
     * @param bool $isAtHole whether its drill was played to a hole, so that one that did not drop is a miss
     * @param float $finishPast how far past a hole its student plays for, metres
     * @param bool $isMeasuringStroke whether it was rolled to measure the backstroke, and not to finish at its target
     * @param RollContext $during the part of its session, and what went on around it
     */
    public function __construct(
        public string $id,
        public int $atMilliseconds,
        public string $sessionId,
        public Ball $ball,
        public ?string $student = null,
        public ?Surface $surface = null,
        public ?MeasurementInForce $reading = null,
        public ?string $putter = null,
        public ?int $tempo = null,
        public ?string $drill = null,
        public ?BallTask $task = null,
        public ?Verdict $verdict = null,
        public ?LengthCall $word = null,
        public int $attempt = 1,
        public int $block = 1,
        public ?AidKind $aid = null,
        public ?float $aidWidth = null,
        public ?float $aidDistance = null,
        public bool $isAidChecked = false,
        public bool $isAtHole = false,
        public RollContext $during = new RollContext(),
        public float $finishPast = 0.0,
        public bool $isMeasuringStroke = false,
    ) {}

    /** Where it should finish: at its target, or as far past a hole as the student plays for. Null without a target. */
    public function meant(): ?Length
    {
        $target = $this->ball->target;

        return $target === null || !$this->isAtHole || $this->finishPast <= 0.0
            ? $target
            : $target->longerBy($this->finishPast);
    }

    /** The green speed of its day when it was rolled; null where that was not measured or estimated. */
    public function speed(): ?GreenSpeed
    {
        return $this->reading?->isOfTheDay === true ? $this->reading->reading->speed : null;
    }

    /** Short, on or long: by its drill's window, or by the usual one where its drill judged something else. */
    public function lengthWord(): ?LengthCall
    {
        $meant = $this->meant();

        return $this->word ?? ($meant === null ? null : Acceptance::usual($meant)->word($this->ball));
    }

    /**
     * On which side of a breaking putt it stayed, 'high' or 'low': as it was noted, else from where it lay beside the
     * line.
     * Null on a putt that does not break, and where neither is known.
     */
    public function highOrLow(): ?string
    {
        $across = $this->ball->across->ratio();
        $side = $this->ball->sight->number('side_m');

        return match (true) {
            $across === 0.0 => null,
            $this->ball->sight->word('high_low') !== null => $this->ball->sight->word('high_low'),
            $side === null || $side === 0.0 => null,
            // Ground that rises to the right has its low side on the left.
            default => $side > 0.0 === $across > 0.0 ? 'high' : 'low',
        };
    }

    /** What tested its start line; null where nothing of known size did. */
    public function startLineTest(): ?StartLineTest
    {
        if ($this->aid === null || $this->aidWidth === null || $this->aidDistance === null) {
            return null;
        }

        return $this->aid->test(Length::ofMetres($this->aidWidth), Length::ofMetres($this->aidDistance));
    }
}
