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

    /** Tried so often by moving the squares, until the arrival is so near, m/s. */
    private const ROUNDS = 6;
    private const CLOSE = 0.004;

    /** Speeds over the hole at the ends of the fan: barely arriving, and nearly too fast, m/s. */
    private const DYING = 0.05;
    private const FASTEST = 0.98 * Physics::CAPTURE_SPEED;

    /** @param list<MakeBand> $bands slowest first; empty when nothing would be caught */
    private function __construct(public array $bands) {}

    public static function around(Ground $surface, Length $length, AimSolution $read): self
    {
        [$line, $speed] = [$read->startLine(), $read->startSpeed()];
        if ($line === null || $speed === null) {
            return new self([]);
        }
        $hole = $length->metres();
        $roller = new Roller($surface, Roller::ROUGH_STEP);
        $lines = new LineFinder($roller, $hole, 1e-4);
        [$slowest, $fastest] = array_map(
            static fn(float $arrival): float => self::startFor($roller, $lines, $hole, $read, $arrival),
            [self::DYING, self::FASTEST],
        );
        $bands = [];
        for ($i = 0; $i < self::FAN; ++$i) {
            $band = self::band(
                $roller,
                $lines,
                $hole,
                $slowest + (($fastest - $slowest) * $i) / (self::FAN - 1),
                $line,
            );
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
     * Start speed whose ball arrives with a given speed on its own line through the centre. What friction and climb
     * take is nearly the same for every ball, so the squares of start speed and arrival move together; where that does
     * not settle (a tier, a ball that does not get there) it is halved out.
     */
    private static function startFor(
        Roller $roller,
        LineFinder $lines,
        float $hole,
        AimSolution $read,
        float $arrival,
    ): float {
        [$line, $speed, $arrives] = [
            (float) $read->startLine(),
            (float) $read->startSpeed(),
            (float) $read->speedAtHole(),
        ];
        $squared = $speed ** 2;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $squared += $arrival ** 2 - $arrives ** 2;
            $through = $squared > 0.0 ? $lines->throughCentre(sqrt($squared), $line) : null;
            if ($through === null) {
                break;
            }
            $line = $through;
            $arrives = $roller->rollToHole(sqrt($squared), $line, $hole)->closest->speed();
            if (abs($arrives - $arrival) < self::CLOSE) {
                return sqrt($squared);
            }
        }

        return self::halvedOut($roller, $lines, $hole, $line, $speed, $arrival);
    }

    /** The same by halving; a ball that does not get there at all counts as too slow. */
    private static function halvedOut(
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
            $isTooSlow =
                $through === null || $roller->rollToHole($middle, $through, $hole)->closest->speed() < $arrival;
            [$slow, $fast] = $isTooSlow ? [$middle, $fast] : [$slow, $middle];
            $line = $through ?? $line;
        }

        return $fast;
    }
}
