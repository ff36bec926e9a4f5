<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Student\Hand;

/** Turns the stations of a drill that are to break to the student's weak side ("breaks": "weak") that way. */
final class WeakBreak
{
    public const FIELD = 'breaks';
    public const WEAK = 'weak';

    public static function isIn(\stdClass $definition): bool
    {
        return array_filter((array) ($definition->stations ?? []), self::isWeak(...)) !== [];
    }

    /**
     * @param 'left'|'right' $curving the way the ball curves on the weak side
     *
     * @return \stdClass a copy, its slopes as large as before
     */
    public static function turned(\stdClass $definition, string $curving): \stdClass
    {
        $turned = clone $definition;
        $turned->stations = array_map(static function (mixed $station) use ($curving): mixed {
            if (
                !($station instanceof \stdClass) ||
                !self::isWeak($station) ||
                !is_numeric($station->across_percent ?? null)
            ) {
                return $station;
            }
            $its = clone $station;
            // Ground that rises to the right sends the ball left.
            $its->across_percent = ($curving === 'left' ? 1.0 : -1.0) * abs((float) $station->across_percent);

            return $its;
        }, array_values((array) ($definition->stations ?? [])));

        return $turned;
    }

    /**
     * Where a student's balls do not say which side is weak: the one where the ball lies below the feet.
     *
     * @return 'left'|'right' the way the ball curves there
     */
    public static function ofHand(Hand $hand): string
    {
        return $hand === Hand::Right ? 'right' : 'left';
    }

    private static function isWeak(mixed $station): bool
    {
        return $station instanceof \stdClass && ($station->{self::FIELD} ?? null) === self::WEAK;
    }
}
