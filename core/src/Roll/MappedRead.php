<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\Physics;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * One putt read on the map of its hole, with the standard error of its start line by the delta method (maths.md 2.6).
 * This class is immutable.
 */
final readonly class MappedRead
{
    /** Derivatives are taken over this share of each coefficient's deviation before anything was read. */
    private const STEP = 0.02;

    /** Worse than this a start line is no figure, radians. */
    private const VAGUE = M_PI / 90.0;

    /**
     * @param float|null $startLineError standard error, radians; null where a read on the way to it fails
     * @param list<float>|null $byCoefficient derivatives of the start line by c₁ to c₉
     */
    private function __construct(
        public Length $length,
        public Ground $ground,
        public AimSolution $solution,
        public ?float $startLineError,
        public ?array $byCoefficient,
    ) {}

    /**
     * @param float $x metres from the hole to the ball, to the right, and $y up
     * @param float $pace metres past the covered hole
     *
     * @throws InvalidInput If the ball lies in the hole.
     */
    public static function of(
        HoleMap $map,
        GreenSpeed $speed,
        float $x,
        float $y,
        float $pace,
        string $field = 'ball',
    ): self {
        $distance = self::distance($x, $y, $field);
        $length = Length::ofMetres($distance, $field);
        $ground = self::ground($map->coefficients, $speed, $x, $y);
        $read = (new AimSolver($ground, $length, $pace))->read();
        $rows = $read->isSolved() ? self::derivatives($map, $speed, $x, $y, $length, $pace, $read) : null;

        return new self($length, $ground, $read, $rows === null ? null : $map->errorOf($rows), $rows);
    }

    /** The read alone, without its standard error: quick enough to look round a hole. */
    public static function lineAt(HoleMap $map, GreenSpeed $speed, float $x, float $y, float $pace): ?float
    {
        return self::lineOn($map->coefficients, $speed, $x, $y, $pace);
    }

    /**
     * The start line on ground of which the coefficients are known; null where there is none.
     *
     * @param list<float> $coefficients c₁ to c₉
     */
    public static function lineOn(array $coefficients, GreenSpeed $speed, float $x, float $y, float $pace): ?float
    {
        $length = Length::ofMetres(self::distance($x, $y, 'ball'));

        return (new AimSolver(self::ground($coefficients, $speed, $x, $y), $length, $pace))->read()->startLine();
    }

    /** The ground of a putt on a map. */
    public static function groundOf(HoleMap $map, GreenSpeed $speed, float $x, float $y): Ground
    {
        return self::ground($map->coefficients, $speed, $x, $y);
    }

    /** Whether the start line is known well enough to be said. */
    public function isFigure(): bool
    {
        return $this->startLineError !== null && $this->startLineError <= self::VAGUE;
    }

    private static function distance(float $x, float $y, string $field): float
    {
        $distance = hypot(
            Check::within($x, -HoleMap::FURTHEST, HoleMap::FURTHEST, "$field.x_m"),
            Check::within($y, -HoleMap::FURTHEST, HoleMap::FURTHEST, "$field.y_m"),
        );

        return $distance > Physics::HOLE_RADIUS
            ? $distance
            : throw InvalidInput::at($field, 'The ball lies in the hole: there is no putt to read.');
    }

    /** @param list<float> $coefficients */
    private static function ground(array $coefficients, GreenSpeed $speed, float $x, float $y): Ground
    {
        $relief = Relief::from($coefficients, $x, $y);
        $distance = hypot($x, $y);
        // The averages along the line start the search; a cubic's are those at two places (Gauss).
        $along = $across = 0.0;
        foreach ([0.5 - 0.5 / sqrt(3.0), 0.5 + 0.5 / sqrt(3.0)] as $share) {
            [$pullX, $pullY] = $relief->pullAt($share * $distance, 0.0);
            $along += (0.5 * $pullX) / Physics::PULL_PER_GRADE;
            $across += (0.5 * $pullY) / Physics::PULL_PER_GRADE;
        }
        $grade = static fn(float $ratio): Grade => Grade::ofRatio(max(-1.0, min(1.0, $ratio)));

        return new Ground($speed, $grade($along), $grade($across), relief: $relief);
    }

    /** @return list<float>|null by c₁ to c₉, central differences; null where a read on the way fails */
    private static function derivatives(
        HoleMap $map,
        GreenSpeed $speed,
        float $x,
        float $y,
        Length $length,
        float $pace,
        AimSolution $read,
    ): ?array {
        $rows = [];
        foreach (HoleMap::PRIOR as $i => $deviation) {
            $step = self::STEP * $deviation;
            $lines = [];
            foreach ([$step, -$step] as $moved) {
                $coefficients = $map->coefficients;
                $coefficients[$i] += $moved;
                $near = (new AimSolver(
                    self::ground(array_values($coefficients), $speed, $x, $y),
                    $length,
                    $pace,
                ))->near((float) $read->startSpeed(), (float) $read->startLine());
                if ($near === null) {
                    return null;
                }
                $lines[] = $near[1];
            }
            $rows[] = ($lines[0] - $lines[1]) / (2.0 * $step);
        }

        return $rows;
    }
}
