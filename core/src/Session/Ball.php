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
     * @param Length|null $roll where it stopped; "at least this" when something cut it short; null only
     *                          for a holed ball whose pace nobody judged, or one nobody measured
     * @param Length|null $target null when the ball was struck at nothing in particular
     * @param Grade $grade along the line
     * @param Observations $sight what else was seen
     * @param Length|null $runOn how much further one that was cut short would have rolled, by eye; null
     *                           when nobody judged it
     * @param Grade $across rising to the right
     */
    private function __construct(
        public ?Length $backstroke,
        public ?Length $roll,
        public Stop $stop,
        public ?Length $target,
        public Grade $grade,
        public Remarks $remarks,
        public Observations $sight,
        public ?Length $runOn,
        public Grade $across,
    ) {}

    /** @throws InvalidInput If a ball that was not holed has no roll. */
    public static function seen(
        ?Length $backstroke,
        ?Length $roll,
        Stop $stop,
        ?Length $target,
        Grade $grade,
        Remarks $remarks = new Remarks(),
        string $rollField = 'roll_m',
        ?Observations $sight = null,
        ?Length $runOn = null,
        ?Grade $across = null,
    ): self {
        if ($roll === null && !$stop->mayLackRoll()) {
            throw InvalidInput::at(
                $rollField,
                'Enter how far the ball rolled. Only a holed or unmeasured ball needs no roll.',
            );
        }

        return new self(
            backstroke: $backstroke,
            roll: $roll,
            stop: $stop,
            target: $target,
            grade: $grade,
            remarks: $remarks,
            sight: $sight ?? Observations::nothing(),
            runOn: $stop->cutsShort() ? $runOn : null,
            across: $across ?? Grade::level(),
        );
    }

    /**
     * The same ball with other remarks, and further answers laid over what was seen.
     *
     * @param array<string, string|bool|int|float|null> $answers
     */
    public function remarked(Remarks $remarks, array $answers = []): self
    {
        return new self(
            backstroke: $this->backstroke,
            roll: $this->roll,
            stop: $this->stop,
            target: $this->target,
            grade: $this->grade,
            remarks: $remarks,
            sight: $this->sight->with($answers),
            runOn: $this->runOn,
            across: $this->across,
        );
    }

    /** Whether it went into the hole; null where nobody looked or was asked. */
    public function hasDropped(): ?bool
    {
        return match ($this->stop) {
            Stop::Holed => true,
            Stop::Unseen => $this->sight->flag('dropped'),
            default => false,
        };
    }

    /** Whether its roll is only a lower bound: something cut it short, and nobody judged how it would have run on. */
    public function isAtLeast(): bool
    {
        return $this->stop->cutsShort() && $this->runOn === null;
    }

    /**
     * How far it rolled, with what one cut short would have run on where that was judged; metres. Null
     * when nobody measured it.
     */
    public function rollMetres(): ?float
    {
        return $this->roll === null ? null : $this->roll->metres() + ($this->runOn?->metres() ?? 0.0);
    }
}
