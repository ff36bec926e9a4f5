<?php

declare(strict_types=1);

namespace Amble\Core\Distance;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** Where one putt stopped along its line, as a share of its target length. Immutable. */
final readonly class DistancePutt
{
    /** @param float|null $relativeError (stop − target)/target; null for a holed ball of unjudged pace */
    private function __construct(public ?float $relativeError, public bool $isHoled)
    {
    }

    /**
     * @param float $stopMetres how far the ball rolled along the line, at least 0
     *
     * @throws InvalidInput If the stop is negative or not finite.
     */
    public static function stoppedAt(Length $target, float $stopMetres, string $field = 'stop_m'): self
    {
        return new self(self::error($target, $stopMetres, $field), false);
    }

    /**
     * @param float|null $stopMetres where it would have stopped, when the coach judged its pace
     *
     * @throws InvalidInput If the judged stop is negative or not finite.
     */
    public static function holed(Length $target, ?float $stopMetres = null, string $field = 'stop_m'): self
    {
        return new self($stopMetres === null ? null : self::error($target, $stopMetres, $field), true);
    }

    /** Whether it counts as inside a window given as a share of length; a holed ball always does. */
    public function isInside(float $window): bool
    {
        return $this->isHoled || abs((float) $this->relativeError) <= $window + Check::SLACK;
    }

    private static function error(Length $target, float $stop, string $field): float
    {
        return (Check::notNegative($stop, $field) - $target->metres()) / $target->metres();
    }
}
