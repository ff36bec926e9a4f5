<?php

declare(strict_types=1);

namespace Amble\Core\Report;

use Amble\Core\Numeric\Interval;

/** Figures as findings say them. */
final class FigureText
{
    /** A length, for the screen to show in the coach's unit. */
    public static function metres(float $metres): string
    {
        return sprintf('{%.3f m}', $metres);
    }

    /** A length measured with a hand's rule, likewise. */
    public static function small(float $metres): string
    {
        return sprintf('{%.3f s}', $metres);
    }

    /** The width of a gate or line, which is set in quarters of an inch, or millimetres. */
    public static function width(float $metres): string
    {
        return sprintf('{%.4f w}', $metres);
    }

    public static function percent(float $share): string
    {
        return sprintf('%d %%', (int) round(100.0 * $share));
    }

    /** "4 % long", "on target". */
    public static function ofLength(float $share): string
    {
        $percent = (int) round(100.0 * $share);

        return $percent === 0 ? 'on target' : sprintf('%d %% %s', abs($percent), $percent > 0 ? 'long' : 'short');
    }

    /** "0.6° right". */
    public static function degrees(float $radians): string
    {
        $degrees = round(rad2deg($radians), 1);

        return $degrees === 0.0 ? 'on line' : sprintf('%.1f° %s', abs($degrees), $degrees > 0.0 ? 'right' : 'left');
    }

    /** "3 balls", "1 ball". */
    public static function counted(int $n, string $one, string $several): string
    {
        return $n === 1 ? "1 $one" : "$n $several";
    }

    /** "likely 40 to 72 %"; few balls say so. */
    public static function likelyShare(Interval $interval, int $n): string
    {
        return sprintf(
            '%slikely %d to %d %%',
            $n < Finding::FEW ? "from $n only, so " : '',
            (int) round(100.0 * $interval->low),
            (int) round(100.0 * $interval->high),
        );
    }
}
