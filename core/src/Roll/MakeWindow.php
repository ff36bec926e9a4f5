<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;
use Amble\Core\Units\Length;

/**
 * Which start lines the hole catches, for a fan of paces around a solved read (maths.md 2.5).
 *
 * From the slowest ball that still reaches the hole to one that is nearly too fast for its very
 * centre. For each start speed the band's ends are where the miss equals the largest that is
 * caught at the speed of that ball (maths.md 2.4). This class is immutable.
 */
final readonly class MakeWindow
{
    private const FAN = 7;
    private const HALVINGS = 14;

    /** Speeds over the hole at the ends of the fan: barely arriving, and nearly too fast, m/s. */
    private const DYING = 0.05;
    private const FASTEST = 0.98 * Physics::CAPTURE_SPEED;

    /** @param list<MakeBand> $bands slowest first; empty when nothing would be caught */
    private function __construct(public array $bands)
    {
    }

    public static function around(Surface $surface, Length $length, Read $read): self
    {
        [$line, $speed] = [$read->startLine(), $read->startSpeed()];
        if ($line === null || $speed === null) {
            return new self([]);
        }
        $hole = $length->metres();
        $roller = new Roller($surface);
        $lines = new LineFinder($roller, $hole, 1e-4);
        [$slowest, $fastest] = array_map(
            static fn(float $arrival): float => self::startFor($roller, $lines, $hole, $line, $speed, $arrival),
            [self::DYING, self::FASTEST],
        );
        $bands = [];
        for ($i = 0; $i < self::FAN; ++$i) {
            $band = self::band($roller, $lines, $hole, $slowest + ($fastest - $slowest) * $i / (self::FAN - 1), $line);
            if ($band !== null) {
                $bands[] = $band;
                $line = $band->centre;
            }
        }

        return new self($bands);
    }

    private static function band(Roller $roller, LineFinder $lines, float $hole, float $speed, float $near): ?MakeBand
    {
        $centre = $lines->throughCentre($speed, $near);
        if ($centre === null) {
            return null;
        }

        return new MakeBand(
            $speed,
            $roller->rollToHole($speed, $centre, $hole)->closest->speed(),
            $lines->throughEdge($speed, $centre, -1),
            $centre,
            $lines->throughEdge($speed, $centre, 1),
        );
    }

    /**
     * Start speed whose ball arrives with a given speed on its own line through the centre, by
     * halving; a ball that does not get there at all counts as too slow.
     */
    private static function startFor(
        Roller $roller,
        LineFinder $lines,
        float $hole,
        float $line,
        float $speed,
        float $arrival,
    ): float {
        [$slow, $fast] = [0.5 * $speed, hypot($speed, 1.5 * Physics::CAPTURE_SPEED)];
        for ($round = 0; $round < self::HALVINGS; ++$round) {
            $middle = 0.5 * ($slow + $fast);
            $through = $lines->throughCentre($middle, $line);
            $isTooSlow = $through === null
                || $roller->rollToHole($middle, $through, $hole)->closest->speed() < $arrival;
            [$slow, $fast] = $isTooSlow ? [$middle, $fast] : [$slow, $middle];
            $line = $through ?? $line;
        }

        return $fast;
    }
}
