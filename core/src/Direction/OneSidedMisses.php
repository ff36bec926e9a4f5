<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Interval;

/** When every miss is on one side the spread is not identified, but this much is known (maths.md 4.2). */
final readonly class OneSidedMisses
{
    private function __construct(public Side $side, public int $missed, public int $n) {}

    /**
     * Null when nothing missed or misses lie on both sides.
     *
     * @param list<Bound> $bounds of one gate
     */
    public static function in(array $bounds): ?self
    {
        $right = count(array_filter($bounds, static fn(Bound $bound): bool => $bound->low > 0.0));
        $left = count(array_filter($bounds, static fn(Bound $bound): bool => $bound->high < 0.0));

        return ($left === 0) === ($right === 0)
            ? null
            : new self($right > 0 ? Side::Right : Side::Left, $left + $right, count($bounds));
    }

    public function share(): float
    {
        return $this->missed / $this->n;
    }

    public function interval(float $level): Interval
    {
        return Interval::wilson($this->missed, $this->n, $level);
    }

    /** What to lay out next, so that the spread can be told as well. */
    public function sentence(): string
    {
        return sprintf(
            'All %d misses of %d are on the %s. A narrower gate, or this one moved half its width to the %s, tells more.',
            $this->missed,
            $this->n,
            $this->side->value,
            $this->side->value,
        );
    }
}
