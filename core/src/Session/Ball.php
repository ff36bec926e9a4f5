<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What was seen of one ball, and said of it. This class is immutable. */
final readonly class Ball
{
    /**
     * @param Length|null $backstroke null when it was not looked at
     * @param Length|null $roll where it stopped; "at least this" unless it stopped freely; null only
     *                          for a holed ball whose pace nobody judged, or one nobody measured
     * @param Length|null $target null when the ball was struck at nothing in particular
     * @param Sight $sight what a drill asked to be seen
     */
    private function __construct(
        public ?Length $backstroke,
        public ?Length $roll,
        public Stop $stop,
        public ?Length $target,
        public Grade $grade,
        public Remarks $remarks,
        public Sight $sight,
    ) {
    }

    /** @throws InvalidInput If a ball that was not holed has no roll. */
    public static function seen(
        ?Length $backstroke,
        ?Length $roll,
        Stop $stop,
        ?Length $target,
        Grade $grade,
        Remarks $remarks = new Remarks(),
        string $rollField = 'roll_m',
        ?Sight $sight = null,
    ): self {
        if ($roll === null && !$stop->mayLackRoll()) {
            throw InvalidInput::at($rollField, 'Say how far the ball rolled; only a holed or unmeasured one may go without.');
        }

        return new self($backstroke, $roll, $stop, $target, $grade, $remarks, $sight ?? Sight::nothing());
    }

    /** The same ball with other remarks. */
    public function remarked(Remarks $remarks): self
    {
        return new self($this->backstroke, $this->roll, $this->stop, $this->target, $this->grade, $remarks, $this->sight);
    }
}
