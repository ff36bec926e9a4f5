<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\StudentT;
use Amble\Core\Units\Grade;

/** What a set of ramp or stopwatch rolls says about a green. */
final readonly class SpeedMeasurement
{
    /**
     * @param float|null $standardErrorMetres null when no direction has two rolls
     * @param Grade|null $grade positive uphill in direction 1; null for one direction only
     * @param float|null $gradeError standard error of the grade, rise over run; null where the rolls do not say
     * @param bool $isLevel whether the figure is free of the line's slope (both directions rolled)
     * @param int $degreesOfFreedom rolls less directions
     * @param list<Warning> $warnings in the order of the enum
     */
    public function __construct(
        public GreenSpeed $speed,
        public ?float $standardErrorMetres,
        public ?Grade $grade,
        public bool $isLevel,
        public int $degreesOfFreedom,
        public array $warnings,
        public ?float $gradeError = null,
    ) {}

    /** Range around the grade, rise over run, by Student's t; null where it cannot be told how sure it is. */
    public function gradeRange(float $level): ?Interval
    {
        return $this->grade === null || $this->gradeError === null
            ? null
            : Interval::around(
                $this->grade->ratio(),
                StudentT::halfWidth($level, $this->degreesOfFreedom) * $this->gradeError,
            );
    }

    /** Range around the speed in metres, by Student's t (maths.md 1.2); null without a standard error. */
    public function range(float $level): ?Interval
    {
        return $this->standardErrorMetres === null
            ? null
            : Interval::around(
                $this->speed->metres(),
                StudentT::halfWidth($level, $this->degreesOfFreedom) * $this->standardErrorMetres,
            );
    }
}
