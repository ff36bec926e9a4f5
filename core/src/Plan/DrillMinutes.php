<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Numeric\Sample;

/**
 * How long a drill takes with one coach, minutes: what it says of itself, and what their own sessions took. Immutable.
 */
final readonly class DrillMinutes
{
    /** What a drill says of itself counts as much as so many sessions. */
    private const PRIOR = 2.0;

    /** @param float|null $spread null before two sessions */
    private function __construct(public float $mean, public ?float $spread, public int $n) {}

    /** @param list<float> $took minutes, a session each */
    public static function of(int $said, array $took): self
    {
        $n = count($took);
        $variance = $n < 2 ? null : Sample::variance($took);

        return new self(
            (self::PRIOR * $said + array_sum($took)) / (self::PRIOR + $n),
            $variance === null ? null : sqrt($variance),
            $n,
        );
    }
}
