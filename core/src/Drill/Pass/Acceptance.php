<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Length;

/**
 * When one ball passes, as plain conditions, so that a device without a network can tell too.
 *
 * A holed ball is settled by "holed" alone unless that is left open, one that its target stopped by "struck";
 * any other passes when it meets every condition that is given. A ball cut short rolled at least as far as it
 * lies: it meets no condition of place, unless somebody judged how it would have run on. Lengths in metres.
 * This class is immutable.
 */
final readonly class Acceptance
{
    /**
     * @param bool|null $holed whether a holed ball passes; null when other things decide
     * @param bool $isHoledNeeded whether nothing but holing passes
     * @param bool $struck whether a ball that its target stopped passes for that alone
     * @param array{float, float}|null $rollBetween from the ball; both ends count, with Check::SLACK
     * @param array{float, float}|null $ring how far away its middle is, and its radius
     * @param list<ObservationCondition> $seen all of which must be met
     */
    private function __construct(
        public ?bool $holed = null,
        public bool $isHoledNeeded = false,
        public bool $struck = false,
        public ?array $rollBetween = null,
        public ?array $ring = null,
        public array $seen = [],
    ) {}

    public static function anything(): self
    {
        return new self();
    }

    public static function roll(float $least, float $most, bool $holed = true): self
    {
        return new self(holed: $holed, rollBetween: [$least, $most]);
    }

    /** What counts as the length where no drill says: within the usual share of it. */
    public static function usual(Length $length): self
    {
        $window = DistanceControl::DEFAULT_WINDOW * $length->metres();

        return self::roll($length->metres() - $window, $length->metres() + $window);
    }

    public static function ring(float $middle, float $radius): self
    {
        return new self(holed: $radius >= 0.0, ring: [$middle, $radius]);
    }

    public static function struckOrRing(float $middle, float $radius): self
    {
        return new self(struck: true, ring: [$middle, $radius]);
    }

    public static function holed(): self
    {
        return new self(holed: true, isHoledNeeded: true);
    }

    public static function seen(ObservationCondition ...$conditions): self
    {
        return new self(seen: array_values($conditions));
    }

    /** What was seen, of a ball that went further than this besides. */
    public static function seenBeyond(float $metres, ObservationCondition $condition): self
    {
        return new self(rollBetween: [$metres + 2.0 * Check::SLACK, Length::LONGEST], seen: [$condition]);
    }

    /** What was seen, of a ball that went no further than this besides. */
    public static function seenWithin(float $metres, ObservationCondition $condition): self
    {
        return new self(rollBetween: [0.0, $metres], seen: [$condition]);
    }

    /** The same, with a holed ball settled by that alone. */
    public function holedIs(bool $passes): self
    {
        return new self($passes, $this->isHoledNeeded, $this->struck, $this->rollBetween, $this->ring, $this->seen);
    }

    public function admits(Ball $ball): bool
    {
        return match (true) {
            $ball->stop === Stop::Holed && $this->holed !== null => $this->holed,
            $ball->stop === Stop::Target && $this->struck => true,
            default => !$this->isHoledNeeded && $this->admitsLie($ball) && $this->isSeen($ball),
        };
    }

    private function isSeen(Ball $ball): bool
    {
        foreach ($this->seen as $condition) {
            if (!$condition->isMet($ball->sight)) {
                return false;
            }
        }

        return true;
    }

    /** Short, on or long against what this asks; null where it asks for no place, or nobody can tell. */
    public function word(Ball $ball): ?LengthCall
    {
        $stretch = $this->stretch();
        if ($ball->stop === Stop::Holed) {
            // One told to stay short reached the hole.
            return $this->holed === false ? LengthCall::Long : LengthCall::On;
        }
        if ($ball->stop === Stop::Target && $this->struck) {
            return LengthCall::On;
        }
        $roll = $ball->rollMetres();
        if ($stretch === null || $roll === null) {
            return null;
        }
        [$least, $most] = $stretch;
        // Beside the ring it is no ball that lies inside: short or past by where it lies along the line.
        if (
            $this->ring !== null &&
            !$ball->isAtLeast() &&
            $roll >= $least &&
            $roll <= $most &&
            !$this->admitsLie($ball)
        ) {
            return $roll < $this->ring[0] ? LengthCall::Short : LengthCall::Long;
        }

        return match (true) {
            $roll > $most + Check::SLACK => LengthCall::Long,
            $ball->isAtLeast() => null,
            $roll < $least - Check::SLACK => LengthCall::Short,
            // A limit on the far side alone asks for no place.
            $least <= 0.0 => null,
            default => LengthCall::On,
        };
    }

    /** @return array{float, float}|null from the ball: what passes along the line */
    public function stretch(): ?array
    {
        return $this->rollBetween ??
            ($this->ring === null ? null : [$this->ring[0] - $this->ring[1], $this->ring[0] + $this->ring[1]]);
    }

    /** Where nobody measured it, or something cut it short, no condition of place is met. */
    private function admitsLie(Ball $ball): bool
    {
        if ($this->ring === null && $this->rollBetween === null) {
            return true;
        }
        $roll = $ball->isAtLeast() ? null : $ball->rollMetres();
        if ($roll === null) {
            return false;
        }
        if ($this->ring !== null) {
            [$middle, $radius] = $this->ring;

            return hypot($roll - $middle, $ball->sight->side ?? 0.0) <= $radius + Check::SLACK;
        }
        [$least, $most] = $this->rollBetween ?? [0.0, INF];

        return $roll >= $least - Check::SLACK && $roll <= $most + Check::SLACK;
    }
}
