<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\LengthWindow;
use Amble\Core\Numeric\Normal;
use Amble\Core\Units\Length;

/** A student's chance to pass, station by station, from their distance control (maths.md 5). */
final class PassRate
{
    /**
     * Normal relative errors inside the rule's window; a holed ball more than that is left out.
     *
     * @param list<float> $lengths of the stations, metres
     * @param float $bias share of length, positive long
     * @param float $spread share of length, above 0
     *
     * @return list<float>|null null where the rule looks at more than length
     */
    public static function byLength(Drill $drill, array $lengths, float $bias, float $spread): ?array
    {
        $rule = $drill->pass;
        if (!$rule instanceof LengthWindow) {
            return null;
        }
        $widest = $drill->steps?->width($drill->steps->ladder());

        return array_map(static function (float $metres) use ($rule, $widest, $bias, $spread): float {
            [$low, $high] = $rule->window(Length::ofMetres($metres), $widest);
            $score = static fn(float $past): float => ($past / $metres - $bias) / $spread;

            return Normal::cdf($score($high)) - Normal::cdf($score($low));
        }, $lengths);
    }
}
