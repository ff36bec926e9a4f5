<?php

declare(strict_types=1);

namespace Amble\Core\Direction;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\Physics;
use Amble\Core\Numeric\Bound;
use Amble\Core\Units\Length;

/**
 * Something on the ground that tells about the start line of a putt (maths.md 4.1).
 *
 * A gate lets the ball's body through; a rail or rule carries its point of contact, so only the
 * gate's half width is less a ball radius. Angles in radians, positive right.
 */
final readonly class StartLineTest
{
    /**
     * @param float $halfWidth metres left for the ball's centre on either side
     * @param float $distance metres from the ball to the gate, or length of the rail
     */
    private function __construct(private float $halfWidth, private float $distance) {}

    /**
     * A gate of clear width w at distance d.
     *
     * @throws InvalidInput If the gate is not wider than a ball.
     */
    public static function gate(Length $width, Length $distance, string $widthField = 'width_m'): self
    {
        $half = 0.5 * $width->metres() - Physics::BALL_RADIUS;
        if ($half <= 0.0) {
            throw InvalidInput::at($widthField, 'The gate must be wider than a ball (43 mm).');
        }

        return new self($half, $distance->metres());
    }

    /** A rail or rule of width w and length ℓ that the ball stays on or falls off. */
    public static function rail(Length $width, Length $length): self
    {
        return new self(0.5 * $width->metres(), $length->metres());
    }

    /** Largest angle that still passes: atan(half width / distance), radians. */
    public function halfAngle(): float
    {
        return atan($this->halfWidth / $this->distance);
    }

    /** Through the gate, or on the rail to its end. */
    public function passed(): Bound
    {
        return Bound::between(-$this->halfAngle(), $this->halfAngle());
    }

    /** Touched or went outside on a side, or fell off a rail at a place nobody saw. */
    public function missed(Side $side): Bound
    {
        return $side === Side::Right
            ? Bound::between($this->halfAngle(), null)
            : Bound::between(null, -$this->halfAngle());
    }

    /** Fell off at a length that was seen: exact (a seen place taken for a bound inflates the spread). */
    public function fellOffAt(Side $side, Length $at): Bound
    {
        return Bound::exactly($side->sign() * atan($this->halfWidth / $at->metres()));
    }

    /**
     * Fell off somewhere between two lengths.
     *
     * @throws InvalidInput If the nearer length is not below the further.
     */
    public function fellOffBetween(Side $side, Length $nearer, Length $further): Bound
    {
        if ($nearer->metres() >= $further->metres()) {
            throw InvalidInput::at('nearer_m', 'The nearer length must be below the further one.');
        }
        [$small, $large] = [atan($this->halfWidth / $further->metres()), atan($this->halfWidth / $nearer->metres())];

        return $side === Side::Right ? Bound::between($small, $large) : Bound::between(-$large, -$small);
    }

    /**
     * A mark passed at a measured offset o at distance d: ψ = atan(o/d).
     *
     * @param float $offset metres, positive right
     */
    public static function mark(float $offset, Length $distance): Bound
    {
        return Bound::exactly(atan($offset / $distance->metres()));
    }
}
