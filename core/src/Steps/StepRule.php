<?php

declare(strict_types=1);

namespace Amble\Core\Steps;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/**
 * How many of the last ten earn a step, and with how few one is lost (maths.md 9, where nobody says otherwise).
 * Immutable.
 */
final readonly class StepRule
{
    private const EARN = 8;
    private const LOSE = 5;

    /**
     * @param positive-int $earn passes of ten from which on it goes tighter
     * @param non-negative-int $lose passes of ten up to which it goes wider
     */
    private function __construct(public int $earn, public int $lose) {}

    public static function usual(): self
    {
        return new self(self::EARN, self::LOSE);
    }

    /** @throws InvalidInput If a step could be earned and lost by the same balls. */
    public static function read(JsonInput $told): self
    {
        $told->only(['earn', 'lose']);
        $earn = max(1, $told->wholeNumber('earn', 1, Ladder::LOOK_BACK));
        $lose = max(0, $told->wholeNumber('lose', 0, Ladder::LOOK_BACK - 1));

        return $lose < $earn
            ? new self($earn, $lose)
            : throw InvalidInput::at(
                $told->path('lose'),
                'The number to go down must be smaller than the number to go up.',
            );
    }

    /** As a sentence would say it. */
    public function words(): string
    {
        return sprintf(
            'gained with %d of the last %d, lost with %d or fewer',
            $this->earn,
            Ladder::LOOK_BACK,
            $this->lose,
        );
    }

    /** @return array{earn: int, lose: int} ready for JSON */
    public function toArray(): array
    {
        return ['earn' => $this->earn, 'lose' => $this->lose];
    }
}
