<?php

declare(strict_types=1);

namespace Amble\Core\Steps;

/**
 * Steps a gate or window tighter and wider (maths.md 9). This class is immutable.
 *
 * Steps are the drill's own list, widest first, index 0-based. The count starts anew at each
 * step, and nothing moves before ten balls there.
 */
final readonly class Ladder
{
    /** Balls that a move rests on. */
    public const LOOK_BACK = 10;

    /**
     * @param positive-int $steps how many there are
     * @param non-negative-int $step where the student is
     * @param list<bool> $recent passes and misses at this step, oldest first, at most ten
     */
    private function __construct(private int $steps, public int $step, private array $recent, private StepRule $rule) {}

    /**
     * @param positive-int $steps
     * @param non-negative-int $start
     * @param StepRule|null $rule null for the usual one
     */
    public static function of(int $steps, int $start = 0, ?StepRule $rule = null): self
    {
        return new self($steps, min($start, $steps - 1), [], $rule ?? StepRule::usual());
    }

    /** The ladder after one more ball. */
    public function after(bool $passed): self
    {
        $recent = array_slice([...$this->recent, $passed], -self::LOOK_BACK);
        $passes = count(array_filter($recent));

        return match (true) {
            count($recent) < self::LOOK_BACK => new self($this->steps, $this->step, $recent, $this->rule),
            $passes >= $this->rule->earn && $this->step < $this->steps - 1 => new self(
                $this->steps,
                $this->step + 1,
                [],
                $this->rule,
            ),
            $passes <= $this->rule->lose && $this->step > 0 => new self($this->steps, $this->step - 1, [], $this->rule),
            default => new self($this->steps, $this->step, $recent, $this->rule),
        };
    }

    /**
     * Which way balls at one step call for, where it can go both ways: 1 tighter, −1 wider, 0 neither.
     *
     * @param list<bool> $passes passes and misses there, oldest first
     */
    public static function due(array $passes): int
    {
        return array_reduce(
            $passes,
            static fn(self $ladder, bool $passed): self => $ladder->after($passed),
            self::of(3, 1),
        )->step - 1;
    }

    /** Balls counted at this step so far, at most ten. */
    public function counted(): int
    {
        return count($this->recent);
    }
}
