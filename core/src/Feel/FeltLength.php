<?php

declare(strict_types=1);

namespace Amble\Core\Feel;

use Amble\Core\Numeric\Bound;
use Amble\Core\Numeric\CensoredNormal;

/**
 * By how much balls are felt longer than they are, as a share of the length (maths.md 7, with the estimate of 5.1).
 *
 * A call bounds what was felt: "on" within the window, "long" beyond it. Less what the ball truly did, each bounds the
 * error of the feel, so that a student who rolls long does not seem to feel short by that alone.
 */
final class FeltLength
{
    /**
     * @param list<array{LengthCall, float}> $calls the call, and the true error as a share of the length, positive long
     * @param float $window share of the length inside which a ball is on, above 0
     *
     * @return CensoredNormal|null mean and spread of felt less true, positive felt long; null where the calls cannot
     *     tell both
     */
    public static function fit(array $calls, float $window): ?CensoredNormal
    {
        $bounds = array_map(
            static fn(array $call): Bound => match ($call[0]) {
                LengthCall::Short => Bound::between(null, -$window - $call[1]),
                LengthCall::On => Bound::between(-$window - $call[1], $window - $call[1]),
                LengthCall::Long => Bound::between($window - $call[1], null),
            },
            $calls,
        );

        return $bounds === [] ? null : CensoredNormal::fit($bounds);
    }
}
