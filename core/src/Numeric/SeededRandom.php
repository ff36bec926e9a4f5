<?php

declare(strict_types=1);

namespace Amble\Core\Numeric;

use Random\Engine\Xoshiro256StarStar;

/** The same seed gives the same numbers, on every machine. */
final class SeededRandom implements RandomSource
{
    private readonly Xoshiro256StarStar $engine;

    public function __construct(int $seed)
    {
        $this->engine = new Xoshiro256StarStar($seed);
    }

    public function uniform(): float
    {
        // The upper 53 bits of a 64-bit word (little-endian string) make a double in [0, 1).
        /** @var array{1: int, 2: int} $words */
        $words = unpack('V2', $this->engine->generate());

        return ($words[2] * 2_097_152 + ($words[1] >> 11)) / 9_007_199_254_740_992;
    }

    public function normal(): float
    {
        // Half a step keeps the argument off 0, where the quantile has no value.
        return Normal::quantile(min($this->uniform() + 2.0 ** -54, 1.0 - 2.0 ** -53));
    }
}
