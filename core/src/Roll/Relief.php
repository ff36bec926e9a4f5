<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\Physics;

/**
 * The ground of a mapped hole as one putt crosses it: the pull down its slope, κ g ∇z, as two polynomials of degree 2 of
 * the way along the line and to its right (maths.md 2.3 and 2.6). This class is immutable.
 */
final readonly class Relief
{
    /**
     * @param list<float> $along coefficients of 1, x, y, x², xy, y² of the pull along the line, m/s² and metres
     * @param list<float> $right the same of the pull to its right
     */
    private function __construct(public array $along, public array $right) {}

    /**
     * Seen from a ball that lies x to the right and y up from the hole, metres.
     *
     * @param list<float> $coefficients c₁ to c₉ of the height
     */
    public static function from(array $coefficients, float $x, float $y): self
    {
        $length = hypot($x, $y);
        [$ux, $uy] = [-$x / $length, -$y / $length];
        // A quarter turn to the right of the way to the hole.
        [$rx, $ry] = [$uy, -$ux];
        [$c1, $c2, $c3, $c4, $c5, $c6, $c7, $c8, $c9] = $coefficients;
        // The slope to the right and up in the map's own x and y, with x = x0 + ux s + rx t and y = y0 + uy s + ry t.
        $toRight = self::turned([$c1, 2.0 * $c3, $c4, 3.0 * $c6, 2.0 * $c7, $c8], $x, $y, $ux, $uy, $rx, $ry);
        $up = self::turned([$c2, $c4, 2.0 * $c5, $c7, 2.0 * $c8, 3.0 * $c9], $x, $y, $ux, $uy, $rx, $ry);
        $pull = static fn(float $a, float $b): array => array_map(
            static fn(float $one, float $other): float => Physics::PULL_PER_GRADE * ($a * $one + $b * $other),
            $toRight,
            $up,
        );

        return new self($pull($ux, $uy), $pull($rx, $ry));
    }

    /** @return array{float, float} pull along the line and to its right at a place, m/s² */
    public function pullAt(float $x, float $y): array
    {
        return [self::valueAt($this->along, $x, $y), self::valueAt($this->right, $x, $y)];
    }

    /** The same ground with its slopes a share of what they are. */
    public function times(float $share): self
    {
        $scaled = static fn(float $each): float => $share * $each;

        return new self(array_map($scaled, $this->along), array_map($scaled, $this->right));
    }

    /** @param list<float> $of */
    private static function valueAt(array $of, float $x, float $y): float
    {
        return $of[0] + ($of[1] + $of[3] * $x) * $x + ($of[2] + $of[4] * $x + $of[5] * $y) * $y;
    }

    /**
     * A polynomial a + b x + c y + d x² + e xy + f y² in coordinates that are turned and moved.
     *
     * @param array{float, float, float, float, float, float} $of
     *
     * @return list<float>
     */
    private static function turned(array $of, float $x, float $y, float $ux, float $uy, float $rx, float $ry): array
    {
        [, $b, $c, $d, $e, $f] = $of;

        return [
            self::valueAt($of, $x, $y),
            $b * $ux + $c * $uy + 2.0 * $d * $x * $ux + $e * ($x * $uy + $y * $ux) + 2.0 * $f * $y * $uy,
            $b * $rx + $c * $ry + 2.0 * $d * $x * $rx + $e * ($x * $ry + $y * $rx) + 2.0 * $f * $y * $ry,
            $d * $ux * $ux + $e * $ux * $uy + $f * $uy * $uy,
            2.0 * $d * $ux * $rx + $e * ($ux * $ry + $uy * $rx) + 2.0 * $f * $uy * $ry,
            $d * $rx * $rx + $e * $rx * $ry + $f * $ry * $ry,
        ];
    }
}
