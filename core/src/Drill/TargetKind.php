<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

/** What is putted at. */
enum TargetKind: string
{
    case Hole = 'hole';
    case Edge = 'edge';
    case Ring = 'ring';
    case Rail = 'rail';
    case Stand = 'stand';
    case Ball = 'ball';
    case Tee = 'tee';
    case None = 'none';

    /** Whether a ball can strike it. */
    public function canBeHit(): bool
    {
        return match ($this) {
            self::Stand, self::Ball, self::Tee => true,
            self::Hole, self::Edge, self::Ring, self::Rail, self::None => false,
        };
    }

    /** Whether a ball can drop into it: a ring and a rail lie around or behind a hole. */
    public function canBeHoled(): bool
    {
        return match ($this) {
            self::Hole, self::Ring, self::Rail => true,
            self::Edge, self::Stand, self::Ball, self::Tee, self::None => false,
        };
    }
}
