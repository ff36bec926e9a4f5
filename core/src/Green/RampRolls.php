<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * Rolls off a ramp, along a line and back (maths.md 1.2 and 1.4).
 *
 * Both ways: Brede's two-way formula, exact for constant deceleration plus the line's slope.
 */
final readonly class RampRolls
{
    /** Rolls one way that lie further apart than this call for another roll: 8 in, in metres. */
    private const SPREAD_LIMIT = 8 * Length::METRES_PER_INCH;

    /** Means that differ by more than this show a sloped line: 18 in, in metres. */
    private const SLOPE_LIMIT = 18 * Length::METRES_PER_INCH;

    /** Half the difference of the reciprocal rolls to a grade: v²/(4 g'), metres. */
    private const GRADE_PER_CURVATURE = Physics::RAMP_SPEED ** 2 / (4.0 * Physics::PULL_PER_GRADE);

    private const LEAST_FACTOR = 0.01;
    private const MOST_FACTOR = 100.0;

    private function __construct(private TwoWayRolls $rolls) {}

    /**
     * @param list<float> $firstMetres
     * @param list<float> $secondMetres
     * @param float $rampFactor true speed over this ramp's length, from one calibration (1.4)
     *
     * @throws InvalidInput If a roll or the factor is not above 0, or there is no roll at all.
     */
    public static function of(array $firstMetres, array $secondMetres, float $rampFactor = 1.0): self
    {
        Check::within(
            Check::positive($rampFactor, 'ramp_factor'),
            self::LEAST_FACTOR,
            self::MOST_FACTOR,
            'ramp_factor',
        );
        $scaled = [];
        foreach (['direction_1_m' => $firstMetres, 'direction_2_m' => $secondMetres] as $field => $rolls) {
            $scaled[$field] = [];
            foreach ($rolls as $i => $roll) {
                $scaled[$field][] = $rampFactor * Length::ofMetres($roll, "$field.$i")->metres();
            }
        }
        if ($firstMetres === [] && $secondMetres === []) {
            throw InvalidInput::emptyList('direction_1_m', 'roll');
        }

        return new self(new TwoWayRolls($scaled['direction_1_m'], $scaled['direction_2_m']));
    }

    public function reading(): SpeedMeasurement
    {
        return $this->rolls->isOneWay() ? $this->oneWay() : $this->twoWay();
    }

    private function oneWay(): SpeedMeasurement
    {
        [$mean] = $this->rolls->means();
        $errors = $this->rolls->squaredErrors();

        return new SpeedMeasurement(
            GreenSpeed::ofMetres($mean, $this->rolls->firstRolled('direction_1_m', 'direction_2_m')),
            $errors === null ? null : sqrt($errors[0]),
            null,
            false,
            $this->rolls->degreesOfFreedom(),
            $this->warnings(),
        );
    }

    private function twoWay(): SpeedMeasurement
    {
        [$there, $back] = $this->rolls->means();
        $sum = $there + $back;
        $errors = $this->rolls->squaredErrors();

        return new SpeedMeasurement(
            GreenSpeed::ofMetres((2.0 * $there * $back) / $sum, 'direction_1_m'),
            $errors === null
                ? null
                : sqrt(
                    ((2.0 * $back ** 2) / $sum ** 2) ** 2 * $errors[0] +
                        ((2.0 * $there ** 2) / $sum ** 2) ** 2 * $errors[1],
                ),
            Grade::ofRatio(self::GRADE_PER_CURVATURE * (1.0 / $there - 1.0 / $back)),
            true,
            $this->rolls->degreesOfFreedom(),
            $this->warnings(),
            // To first order: each mean's error through its own reciprocal.
            $errors === null
                ? null
                : self::GRADE_PER_CURVATURE * sqrt($errors[0] / $there ** 4 + $errors[1] / $back ** 4),
        );
    }

    /** @return list<Warning> */
    private function warnings(): array
    {
        $warnings = [];
        foreach ($this->rolls->directions() as $rolls) {
            if (max($rolls) - min($rolls) > self::SPREAD_LIMIT + Check::SLACK) {
                $warnings = [Warning::Spread];
            }
        }
        $means = $this->rolls->means();
        if (!$this->rolls->isOneWay() && abs($means[0] - $means[1]) > self::SLOPE_LIMIT + Check::SLACK) {
            $warnings[] = Warning::Sloped;
        }

        return [...$warnings, ...$this->rolls->commonWarnings()];
    }
}
