<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\Sample;
use Amble\Core\Units\Length;

/** A ball rolled by hand without skidding: how far, and how long from release to rest. */
final readonly class TimedRoll
{
    /** Nobody times a roll shorter or longer than this, seconds. */
    private const SHORTEST_SECONDS = 0.01;
    private const LONGEST_SECONDS = 600.0;

    /** Below this a slip of the thumb weighs too much, seconds. */
    public const SHORT_SECONDS = 3.0;

    /**
     * Rolls one way seldom part by more than this share in how fast they slow down: a slip of a tenth of a second is a
     * tenth of that.
     */
    private const FAR = 0.25;

    private function __construct(public float $distanceMetres, public float $seconds) {}

    /** @throws InvalidInput If the distance or the time is not above 0, or none a roll has. */
    public static function of(float $distanceMetres, float $seconds, string $field = 'roll'): self
    {
        return new self(
            Length::ofMetres($distanceMetres, "$field.distance_m")->metres(),
            Check::within(
                Check::positive($seconds, "$field.time_s"),
                self::SHORTEST_SECONDS,
                self::LONGEST_SECONDS,
                "$field.time_s",
            ),
        );
    }

    /**
     * What there is to ask about it before it counts.
     *
     * @param list<self> $others rolled the same way
     *
     * @return list<RollDoubt>
     */
    public function doubts(array $others): array
    {
        $decelerations = array_map(static fn(self $roll): float => $roll->deceleration(), $others);
        $usual = $decelerations === [] ? null : Sample::median($decelerations);

        return [
            ...$this->seconds < self::SHORT_SECONDS - Check::SLACK ? [RollDoubt::ShortTime] : [],
            ...$usual !== null && abs(log($this->deceleration() / $usual)) > log(1.0 + self::FAR) + Check::SLACK
                ? [RollDoubt::FarFromOthers]
                : [],
        ];
    }

    /** Constant deceleration onto rest, a = 2 D / t², m/s² (maths.md 1.3). */
    public function deceleration(): float
    {
        return (2.0 * $this->distanceMetres) / $this->seconds ** 2;
    }
}
