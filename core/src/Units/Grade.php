<?php

declare(strict_types=1);

namespace Amble\Core\Units;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;

/** Rise over run, positive uphill (along a line) or rising to the right (across it); never steeper than 1. */
final readonly class Grade
{
    /** Steeper is a wall, rise over run. */
    private const STEEPEST = 1.0;

    private function __construct(private float $ratio) {}

    /** @throws InvalidInput If the grade is not a finite number, or a wall. */
    public static function ofPercent(float $percent, string $field = 'grade_percent'): self
    {
        return new self(Check::within($percent, -100.0 * self::STEEPEST, 100.0 * self::STEEPEST, $field) / 100.0);
    }

    /** @throws InvalidInput If the grade is not a finite number, or a wall. */
    public static function ofRatio(float $ratio, string $field = 'grade'): self
    {
        return new self(Check::within($ratio, -self::STEEPEST, self::STEEPEST, $field));
    }

    public static function level(): self
    {
        return new self(0.0);
    }

    /** Metres of rise per metre of run. */
    public function ratio(): float
    {
        return $this->ratio;
    }

    public function percent(): float
    {
        return $this->ratio * 100.0;
    }

    /** This grade made gentler or steeper by a factor. */
    public function times(float $factor): self
    {
        return new self($this->ratio * $factor);
    }
}
