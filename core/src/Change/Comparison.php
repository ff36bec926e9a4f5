<?php

declare(strict_types=1);

namespace Amble\Core\Change;

use Amble\Core\Numeric\Interval;

/** A figure of two lots of balls of one day, and whether they differ (maths.md 8.1). Immutable. */
final readonly class Comparison
{
    /**
     * @param float $difference in the comparison's own unit (a log ratio for spreads)
     * @param Interval $interval at 80 %
     * @param Interval $wide at 95 %
     * @param int|null $furtherBalls more balls, with today's figures, that would make the difference clear; null when it
     *                               is clear, when the figures do not differ, or when more than 60 would be needed
     */
    public function __construct(
        public float $difference,
        public Interval $interval,
        public Interval $wide,
        public ?int $furtherBalls,
    ) {}

    public function call(): ChangeCall
    {
        return ChangeCall::of($this->wide, $this->interval);
    }

    /**
     * "clearly shorter", or what would settle it in balls.
     *
     * @param string $more what a positive difference means; $less what a negative one does
     */
    public function inWords(string $more, string $less): string
    {
        return $this->call()->inWords(
            $this->difference > 0.0 ? $more : $less,
            $this->furtherBalls === null
                ? null
                : sprintf('%d more ball%s', $this->furtherBalls, $this->furtherBalls === 1 ? '' : 's'),
        );
    }

    /** Whether the 95 % interval excludes no change. */
    public function isClear(): bool
    {
        return $this->call() === ChangeCall::Clear;
    }
}
