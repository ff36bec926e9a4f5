<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;

/**
 * Finds the start line, at a given start speed, that passes the hole at its centre or at the edge
 * of what it catches, by the secant method.
 *
 * @internal
 */
final readonly class LineFinder
{
    /** Start lines further off than this are not putts, radians. */
    public const WIDEST = 1.4;

    private const MAX_ROUNDS = 25;
    private const LONGEST_MOVE = 0.2;

    /** @param float $tolerance how close to the wanted pass counts as found, metres */
    public function __construct(private Roller $roller, private float $hole, private float $tolerance) {}

    /** Start line over the hole's centre, searched from a first guess; null if none is found. */
    public function throughCentre(float $speed, float $near): ?float
    {
        return $this->passing($speed, $near, 0);
    }

    /**
     * Start line that is only just caught on the right (+1) or left (−1) of the hole.
     *
     * @param float $centre the start line over the centre, which is caught
     */
    public function throughEdge(float $speed, float $centre, int $side): float
    {
        return $this->passing($speed, $centre, $side) ?? $this->lastCaught($speed, $centre, $side);
    }

    /** For a dying ball the edge is where it no longer arrives: halved out, as nothing is smooth there. */
    private function lastCaught(float $speed, float $centre, int $side): float
    {
        [$caught, $missed] = [$centre, $centre + ($side * 4.0 * Physics::HOLE_RADIUS) / $this->hole];
        while (abs($missed - $caught) * $this->hole > $this->tolerance) {
            $middle = 0.5 * ($caught + $missed);
            $isHoled = $this->roller->rollToHole($speed, $middle, $this->hole)->isHoled();
            [$caught, $missed] = $isHoled ? [$middle, $missed] : [$caught, $middle];
        }

        return $caught;
    }

    private function passing(float $speed, float $near, int $side): ?float
    {
        [$before, $line] = [$near + 1e-3, $near];
        $missBefore = $this->miss($speed, $before, $side);
        for ($round = 0; $round < self::MAX_ROUNDS; ++$round) {
            $miss = $this->miss($speed, $line, $side);
            if ($miss === null || $missBefore === null || abs($line) > self::WIDEST) {
                return null;
            }
            if (abs($miss) < $this->tolerance) {
                return $line;
            }
            $slope = ($miss - $missBefore) / ($line - $before);
            [$before, $missBefore] = [$line, $miss];
            $line -= $slope === 0.0 ? 1e-3 : max(-self::LONGEST_MOVE, min(self::LONGEST_MOVE, $miss / $slope));
        }

        return null;
    }

    /** Signed distance from the wanted pass, metres; null for a ball that does not get there. */
    private function miss(float $speed, float $line, int $side): ?float
    {
        $at = $this->roller->rollToHole($speed, $line, $this->hole);
        if (!$at->isLevelWithHole) {
            return null;
        }

        return $at->offset - $side * (Capture::offsetLimit($at->closest->speed()) ?? 0.0);
    }
}
