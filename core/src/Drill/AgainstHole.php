<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Green\Physics;
use Amble\Core\Units\Length;

/** What a gate lets through against what the hole takes. */
enum AgainstHole: string
{
    case Wider = 'wider';
    case Alike = 'alike';
    case Narrower = 'narrower';

    /** Closer than this the two are alike, share of the hole's. */
    private const ALIKE = 0.05;

    /** Largest start-line error, radians, that a level putt dying at the hole still holes, atan(R_h / D). */
    public static function holeHalfAngle(Length $length): float
    {
        return atan(Physics::HOLE_RADIUS / $length->metres());
    }

    /**
     * @param float $aid largest start-line error the aid lets through, radians
     * @param float $hole likewise the hole, radians
     */
    public static function of(float $aid, float $hole): self
    {
        return match (true) {
            $aid > $hole * (1.0 + self::ALIKE) => self::Wider,
            $aid < $hole * (1.0 - self::ALIKE) => self::Narrower,
            default => self::Alike,
        };
    }
}
