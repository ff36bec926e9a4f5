<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\Tier;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * One place to putt from: a fixed length, or one drawn in a range when the drill starts.
 *
 * This class is immutable; from is at most to, and equal for a fixed station.
 */
final readonly class Station
{
    /** A drawn length is rounded to this where the drill does not say, metres. */
    public const STEP = 0.1;

    /**
     * @param float $step a drawn length is a whole number of these, metres
     * @param string|null $name what it is called where its length does not tell it from others: "the low side"
     * @param Length|null $backstroke that is called here in place of a length, to open ground
     */
    public function __construct(
        public Length $from,
        public Length $to,
        public Grade $along,
        public Grade $across,
        public ?Tier $tier,
        private float $step = self::STEP,
        public ?string $name = null,
        public ?Length $backstroke = null,
    ) {}

    public function isScattered(): bool
    {
        return $this->to->metres() > $this->from->metres();
    }

    /** The station with its length settled; a fixed one draws nothing. */
    public function settled(RandomSource $random): self
    {
        if (!$this->isScattered()) {
            return $this;
        }
        $drawn = $this->from->metres() + ($this->to->metres() - $this->from->metres()) * $random->uniform();
        $length = Length::ofMetres(max($this->from->metres(), round($drawn / $this->step) * $this->step));

        return new self(
            $length,
            $length,
            $this->along,
            $this->across,
            $this->tier,
            $this->step,
            $this->name,
            $this->backstroke,
        );
    }

    /** The settled length. */
    public function length(): Length
    {
        return $this->from;
    }
}
