<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Numeric\Check;
use Amble\Core\Numeric\PositiveMatrix;

/**
 * The ground round a hole from slopes that were read at places on it (maths.md 2.6).
 *
 * x runs to the right and y up, in metres from the hole, as seen by somebody who stands below it and looks to its
 * twelve-o'clock mark. The height is a cubic without constant, c₁x + c₂y + c₃x² + c₄xy + c₅y² + c₆x³ + c₇x²y + c₈xy² +
 * c₉y³, whose nine coefficients have a normal prior; each reading is its gradient with a normal error. The posterior is
 * linear and Gaussian, so that every slope has a standard error. This class is immutable.
 */
final readonly class HoleMap
{
    /** Standard error of a slope read by a phone laid down, and by a good level, rise per run. */
    public const PHONE = 0.0025;
    public const LEVEL = 0.0005;

    /** Standard deviations of the coefficients before anything is read, in 1, 1/m and 1/m². */
    public const PRIOR = [0.03, 0.03, 0.004, 0.004, 0.004, 0.0007, 0.0007, 0.0007, 0.0007];

    /** Nothing is said further beyond the outermost reading than this, metres. */
    private const BEYOND = 1.0;

    /** Nobody reads a slope further from the hole, metres. */
    public const FURTHEST = 30.0;

    /** A reading so many standard errors off what the others say is asked again; fewer readings tell nothing of it. */
    private const FAR_OFF = 3.5;
    private const FEWEST = 4;

    /**
     * @param list<SlopeReading> $readings
     * @param list<float> $coefficients c₁ to c₉
     * @param list<list<float>> $covariance of the coefficients
     */
    private function __construct(
        public array $readings,
        public float $noise,
        public array $coefficients,
        public array $covariance,
    ) {}

    /**
     * @param list<SlopeReading> $readings
     * @param float $noise standard error of each reading in each direction, rise per run, above 0
     */
    public static function of(array $readings, float $noise = self::PHONE): self
    {
        $noise = Check::within(Check::positive($noise, 'noise_percent'), 1e-6, 1.0, 'noise_percent');
        $precision = [];
        foreach (self::PRIOR as $i => $deviation) {
            $precision[$i] = array_fill(0, 9, 0.0);
            $precision[$i][$i] = 1.0 / $deviation ** 2;
        }
        $weighted = array_fill(0, 9, 0.0);
        foreach ($readings as $reading) {
            $rows = self::gradientRows($reading->xMetres, $reading->yMetres);
            foreach ([$reading->right->ratio(), $reading->up->ratio()] as $k => $slope) {
                foreach ($rows[$k] as $i => $a) {
                    $weighted[$i] += ($a * $slope) / $noise ** 2;
                    foreach ($rows[$k] as $j => $b) {
                        $precision[$i][$j] += ($a * $b) / $noise ** 2;
                    }
                }
            }
        }
        $covariance = PositiveMatrix::inverse(array_map(array_values(...), array_values($precision)));

        return new self(
            $readings,
            $noise,
            array_map(
                static fn(array $row): float => array_sum(
                    array_map(static fn(float $a, float $b): float => $a * $b, $row, $weighted),
                ),
                $covariance,
            ),
            $covariance,
        );
    }

    /** The same map with one reading more. */
    public function with(SlopeReading $reading): self
    {
        return self::of([...$this->readings, $reading], $this->noise);
    }

    /** Height over the hole, metres. */
    public function height(float $x, float $y): float
    {
        $c = $this->coefficients;

        return $c[0] * $x +
            $c[1] * $y +
            $c[2] * $x * $x +
            $c[3] * $x * $y +
            $c[4] * $y * $y +
            $c[5] * $x ** 3 +
            $c[6] * $x * $x * $y +
            $c[7] * $x * $y * $y +
            $c[8] * $y ** 3;
    }

    /** @return array{float, float} slope to the right and up, rise per run */
    public function slope(float $x, float $y): array
    {
        return self::slopeOn($this->coefficients, $x, $y);
    }

    /**
     * The slope of ground of which the coefficients are known.
     *
     * @param list<float> $coefficients c₁ to c₉
     *
     * @return array{float, float} to the right and up, rise per run
     */
    public static function slopeOn(array $coefficients, float $x, float $y): array
    {
        [$rowRight, $rowUp] = self::gradientRows($x, $y);
        $right = $up = 0.0;
        foreach ($coefficients as $i => $coefficient) {
            $right += $rowRight[$i] * $coefficient;
            $up += $rowUp[$i] * $coefficient;
        }

        return [$right, $up];
    }

    /** @return array{float, float} standard errors of the slope to the right and up, rise per run */
    public function slopeErrors(float $x, float $y): array
    {
        [$right, $up] = self::gradientRows($x, $y);

        return [$this->errorOf($right), $this->errorOf($up)];
    }

    /**
     * Standard error of a figure that is linear in the coefficients.
     *
     * @param list<float> $row its derivatives by c₁ to c₉
     */
    public function errorOf(array $row): float
    {
        return sqrt(max(0.0, PositiveMatrix::form($this->covariance, $row)));
    }

    /** How far from the hole anything is said, metres; 0 before anything was read. */
    public function reach(): float
    {
        $furthest = array_map(
            static fn(SlopeReading $each): float => hypot($each->xMetres, $each->yMetres),
            $this->readings,
        );

        return $furthest === [] ? 0.0 : max($furthest) + self::BEYOND;
    }

    /** Whether something is said of a place. */
    public function covers(float $x, float $y): bool
    {
        return hypot($x, $y) <= $this->reach();
    }

    /**
     * The reading that is to be asked again: the one furthest off what all others say of its place, where that is more
     * than 3.5 of the standard error that both have together. One wrong reading pulls its neighbours' predictions with
     * it, so that only the worst is told.
     *
     * @return int|null its place in the list; null for none, and while fewer than four were read
     */
    public function oddReading(): ?int
    {
        [$odd, $furthest] = [null, self::FAR_OFF];
        foreach (count($this->readings) < self::FEWEST ? [] : $this->readings as $i => $reading) {
            $others = self::of(array_values(array_diff_key($this->readings, [$i => true])), $this->noise);
            $off = $others->offBy($reading);
            if ($off > $furthest) {
                [$odd, $furthest] = [$i, $off];
            }
        }

        return $odd;
    }

    /** How far a reading lies off what this map says of its place, in standard errors of both together. */
    private function offBy(SlopeReading $reading): float
    {
        [$right, $up] = $this->slope($reading->xMetres, $reading->yMetres);
        [$rightError, $upError] = $this->slopeErrors($reading->xMetres, $reading->yMetres);

        return max(
            abs($reading->right->ratio() - $right) / hypot($rightError, $this->noise),
            abs($reading->up->ratio() - $up) / hypot($upError, $this->noise),
        );
    }

    /** @return array{list<float>, list<float>} derivatives of the slope to the right, and up, by c₁ to c₉ */
    public static function gradientRows(float $x, float $y): array
    {
        return [
            [1.0, 0.0, 2.0 * $x, $y, 0.0, 3.0 * $x * $x, 2.0 * $x * $y, $y * $y, 0.0],
            [0.0, 1.0, 0.0, $x, 2.0 * $y, 0.0, $x * $x, 2.0 * $x * $y, 3.0 * $y * $y],
        ];
    }
}
