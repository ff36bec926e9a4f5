<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Where one putt stopped along its line, as a share of its target length: exactly, at least, or holed. Immutable. */
final readonly class DistancePutt
{
    /** @param Bound|null $error (stop − target)/target; null for a holed ball of unjudged pace */
    private function __construct(public float $targetMetres, public ?Bound $error, public bool $isHoled) {}

    /**
     * @param float $stopMetres how far the ball rolled along the line, at least 0
     *
     * @throws InvalidInput If the stop is negative or not finite.
     */
    public static function stoppedAt(Length $target, float $stopMetres, string $field = 'stop_m'): self
    {
        return new self($target->metres(), Bound::exactly(self::error($target, $stopMetres, $field)), false);
    }

    /**
     * Cut short by an edge, a rod, a post: it would have rolled at least this far (maths.md 5.1).
     *
     * @throws InvalidInput If the length is negative or not finite.
     */
    public static function cutShortAt(Length $target, float $metres, string $field = 'at_least_m'): self
    {
        return new self($target->metres(), Bound::between(self::error($target, $metres, $field), null), false);
    }

    /**
     * @param float|null $stopMetres where it would have stopped, when the coach judged its pace
     *
     * @throws InvalidInput If the judged stop is negative or not finite.
     */
    public static function holed(Length $target, ?float $stopMetres = null, string $field = 'stop_m'): self
    {
        return new self(
            $target->metres(),
            $stopMetres === null ? null : Bound::exactly(self::error($target, $stopMetres, $field)),
            true,
        );
    }

    /**
     * Whether it is inside a window given as a share of length; a holed ball always is. Null where a
     * ball was cut short before the window's end, so that nobody knows.
     */
    public function isInside(float $window): ?bool
    {
        return match (true) {
            $this->isHoled => true,
            $this->error === null => null,
            $this->error->isExact() => abs($this->error->low) <= $window + Check::SLACK,
            // Cut short exactly at the window's end is outside.
            default => $this->error->low >= $window - Check::SLACK ? false : null,
        };
    }

    private static function error(Length $target, float $stop, string $field): float
    {
        return (Check::within(Check::notNegative($stop, $field), 0.0, Length::LONGEST, $field) - $target->metres()) /
            $target->metres();
    }
}
