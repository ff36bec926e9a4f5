<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Green\Physics;
use Amble\Core\Numeric\Normal;
use Amble\Core\Report\FigureText;
use Amble\Core\Roll\MappedPutt;
use Amble\Core\Roll\MappedRead;

/** What a map says of its putts and places, in words. Lengths are marked for the screen's own unit. */
final class MapWords
{
    /** Aims closer to the middle than this are straight at it, metres. Ours. */
    private const STRAIGHT = 0.01;

    /** Share of start lines within the range that is said. */
    private const RANGE = 0.8;

    /**
     * @return list<string> where to aim with its range, how it plays, and how sure the map is
     */
    public static function read(MappedRead $read): array
    {
        $line = $read->solution->startLine();
        if ($line === null) {
            return [$read->solution->reason?->sentence() ?? ''];
        }
        $plays = sprintf('Plays like %s on the level.', FigureText::metres((float) $read->solution->playsLike()));
        $slope = ucfirst(SlopeWords::of($read->ground->along->percent(), $read->ground->across->percent())) . '.';

        return $read->isFigure() && $read->startLineError !== null
            ? [self::aim($read, $line, $read->startLineError), $plays, $slope]
            : ['The map does not know this putt well enough to say a start line. Measure more places.', $slope];
    }

    /** @return array{float, float}|null the range of aims at the hole, metres, right positive; null where none is said */
    public static function aims(MappedRead $read): ?array
    {
        $line = $read->solution->startLine();
        if ($line === null || $read->startLineError === null || !$read->isFigure()) {
            return null;
        }
        $half = Normal::quantile(0.5 + 0.5 * self::RANGE) * $read->startLineError;

        return [self::aimAt($read, $line - $half), self::aimAt($read, $line + $half)];
    }

    /** "{3.0 m} at 4 o’clock", the landmark at twelve. */
    public static function place(float $xMetres, float $yMetres): string
    {
        $away = hypot($xMetres, $yMetres);

        return $away < Physics::HOLE_RADIUS
            ? 'the hole'
            : sprintf('%s at %s', FigureText::metres($away), self::hour($xMetres, $yMetres));
    }

    /** A putt as it would be asked for: "{3.0 m} at 5 o’clock, 1.8 % uphill, breaking left". */
    public static function putt(MappedPutt $putt): string
    {
        $along = 100.0 * $putt->along;
        $lie = SlopeWords::of($along, 100.0 * $putt->across);

        return self::place($putt->xMetres, $putt->yMetres) .
            ', ' .
            (str_starts_with($lie, 'level') ? $lie : sprintf('%.1f %% %s', abs($along), $lie));
    }

    private static function aim(MappedRead $read, float $line, float $error): string
    {
        $half = Normal::quantile(0.5 + 0.5 * self::RANGE) * $error;
        [$aim, $left, $right] = [
            self::aimAt($read, $line),
            self::aimAt($read, $line - $half),
            self::aimAt($read, $line + $half),
        ];
        if (abs($aim) < self::STRAIGHT) {
            return sprintf('Aim straight at the middle; up to %s to either side.', FigureText::small($right - $aim));
        }
        $side = $aim > 0.0 ? 'right' : 'left';
        $outside = abs($aim) - Physics::HOLE_RADIUS;
        $ends = $aim > 0.0 ? [$left, $right] : [-$right, -$left];
        if ($outside >= 0.0 && $ends[0] >= Physics::HOLE_RADIUS) {
            return sprintf(
                'Aim %s outside the %s edge, %s to %s.',
                FigureText::small($outside),
                $side,
                FigureText::small($ends[0] - Physics::HOLE_RADIUS),
                FigureText::small($ends[1] - Physics::HOLE_RADIUS),
            );
        }

        return sprintf(
            'Aim %s %s of the middle, %s to %s.',
            FigureText::small(abs($aim)),
            $side,
            self::fromMiddle($ends[0], $side),
            self::fromMiddle($ends[1], $side),
        );
    }

    /** A range may reach past the middle to the other side. */
    private static function fromMiddle(float $metres, string $side): string
    {
        return $metres >= 0.0
            ? FigureText::small($metres)
            : FigureText::small(-$metres) . ($side === 'right' ? ' left' : ' right');
    }

    private static function aimAt(MappedRead $read, float $line): float
    {
        return $read->length->metres() * tan($line);
    }

    private static function hour(float $xMetres, float $yMetres): string
    {
        // In half hours, clockwise from the mark at twelve.
        $halves = (int) round((atan2($xMetres, $yMetres) * 12.0) / M_PI);
        $halves = ($halves + 24) % 24;
        $hour = intdiv($halves, 2) === 0 ? 12 : intdiv($halves, 2);

        return $halves % 2 === 0 ? "$hour o’clock" : "half past $hour";
    }
}
