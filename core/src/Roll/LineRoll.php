<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Rolling along a straight line of constant grade (maths.md 2.1 and 2.2). */
final readonly class LineRoll
{
    private float $deceleration;
    private float $levelDeceleration;

    public function __construct(GreenSpeed $speed, Grade $grade)
    {
        $this->deceleration = $speed->decelerationOn($grade);
        $this->levelDeceleration = $speed->deceleration();
    }

    /** Whether any ball comes to rest here; steeply downhill none does. */
    public function stops(): bool
    {
        return $this->deceleration > 0.0;
    }

    /** Start speed of a ball that rolls this far, √(2 a D), m/s; null where no ball stops. */
    public function startSpeed(Length $roll): ?float
    {
        return $this->stops() ? sqrt(2.0 * $this->deceleration * $roll->metres()) : null;
    }

    /** Level roll that needs the same start speed, D a / a0, metres; null where no ball stops. */
    public function playsLike(Length $roll): ?float
    {
        return $this->stops() ? ($roll->metres() * $this->deceleration) / $this->levelDeceleration : null;
    }

    /** Roll on this grade of a ball that would roll so far on the level, metres; null where none stops. */
    public function rollOf(float $levelMetres): ?float
    {
        return $this->stops() ? ($levelMetres * $this->levelDeceleration) / $this->deceleration : null;
    }
}
