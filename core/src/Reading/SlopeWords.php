<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

/** How a slope is said to somebody who stands behind the ball. */
final class SlopeWords
{
    /** Gentler than this nobody calls a slope, per cent. Ours. */
    public const LEVEL = 0.25;

    /** "downhill, breaking left"; "level". */
    public static function of(float $alongPercent, float $acrossPercent): string
    {
        $along = match (true) {
            $alongPercent > self::LEVEL => 'uphill',
            $alongPercent < -self::LEVEL => 'downhill',
            default => 'level',
        };

        return $along .
            match (true) {
                $acrossPercent > self::LEVEL => ', breaking left',
                $acrossPercent < -self::LEVEL => ', breaking right',
                default => '',
            };
    }
}
