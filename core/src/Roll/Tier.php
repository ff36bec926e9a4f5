<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Length;

/** A step in the green across the line: a cubic smoothstep (maths.md 2.3). Immutable. */
final readonly class Tier
{
    /** No green has a higher step, metres. */
    private const HIGHEST = 10.0;

    /**
     * @param float $height metres, positive up, negative down
     * @param float $run metres along the line from foot to top, above 0
     * @param float $start metres along the line from the ball to where it begins
     */
    private function __construct(public float $height, public float $run, public float $start) {}

    /**
     * @throws InvalidInput If a number is not finite, the run is not above 0, or it is shorter than the
     *                      height: that is a wall, and the small-slope equations do not hold on it.
     */
    public static function of(float $height, float $run, float $start, string $field = 'tier'): self
    {
        if (is_finite($height) && $run > 0.0 && $run < abs($height)) {
            throw InvalidInput::at("$field.run_m", 'The run of a tier must not be shorter than its height.');
        }

        return new self(
            Check::within($height, -self::HIGHEST, self::HIGHEST, "$field.height_m"),
            Length::ofMetres($run, "$field.run_m")->metres(),
            Check::within($start, -Length::LONGEST, Length::LONGEST, "$field.start_m"),
        );
    }

    /** Slope dz/dx at a distance along the line: 6 (h/w) t (1 − t), t from 0 to 1 over the run. */
    public function slopeAt(float $x): float
    {
        $t = ($x - $this->start) / $this->run;

        return $t <= 0.0 || $t >= 1.0 ? 0.0 : ((6.0 * $this->height) / $this->run) * $t * (1.0 - $t);
    }

    public function end(): float
    {
        return $this->start + $this->run;
    }

    /** This tier with its height made a share of what it is. */
    public function times(float $factor): self
    {
        return new self($this->height * $factor, $this->run, $this->start);
    }
}
