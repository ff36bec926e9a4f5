<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\GateResult;
use Amble\Core\Session\Stop;

/**
 * When one ball passes, as plain conditions, so that a device without a network can tell too.
 *
 * A holed ball is settled by "holed" alone unless that is left open; any other passes when it meets
 * every condition that is given. Lengths in metres. This class is immutable.
 */
final readonly class Acceptance
{
    /**
     * @param bool|null $holed whether a holed ball passes; null when other things decide
     * @param bool $isHoledNeeded whether nothing but holing passes
     * @param array{float, float}|null $rollBetween from the ball; both ends count, with Check::SLACK
     * @param array{float, float}|null $ring how far away its middle is, and its radius
     */
    private function __construct(
        public ?bool $holed = null,
        public bool $isHoledNeeded = false,
        public ?array $rollBetween = null,
        public ?array $ring = null,
        public ?Stop $notStoppedBy = null,
        public ?GateResult $gate = null,
        public ?bool $hit = null,
    ) {
    }

    public static function anything(): self
    {
        return new self();
    }

    public static function roll(float $least, float $most, bool $holed = true, ?Stop $notStoppedBy = null): self
    {
        return new self(holed: $holed, rollBetween: [$least, $most], notStoppedBy: $notStoppedBy);
    }

    public static function ring(float $middle, float $radius): self
    {
        return new self(holed: $radius >= 0.0, ring: [$middle, $radius]);
    }

    public static function holed(): self
    {
        return new self(holed: true, isHoledNeeded: true);
    }

    public static function gate(GateResult $gate): self
    {
        return new self(gate: $gate);
    }

    public static function hit(): self
    {
        return new self(hit: true);
    }

    public function admits(Ball $ball): bool
    {
        return $ball->stop === Stop::Holed && $this->holed !== null
            ? $this->holed
            : !$this->isHoledNeeded && $this->admitsLie($ball)
                && ($this->gate === null || $ball->sight->gate === $this->gate)
                && ($this->hit === null || $ball->sight->hit === $this->hit);
    }

    /** Where nobody measured it, no condition of place is met. */
    private function admitsLie(Ball $ball): bool
    {
        $roll = $ball->roll?->metres();
        if ($this->notStoppedBy !== null && $ball->stop === $this->notStoppedBy) {
            return false;
        }
        if ($this->ring !== null) {
            [$middle, $radius] = $this->ring;

            return $roll !== null && hypot($roll - $middle, $ball->sight->side ?? 0.0) <= $radius + Check::SLACK;
        }
        if ($this->rollBetween !== null) {
            [$least, $most] = $this->rollBetween;

            return $roll !== null && $roll >= $least - Check::SLACK && $roll <= $most + Check::SLACK;
        }

        return true;
    }
}
