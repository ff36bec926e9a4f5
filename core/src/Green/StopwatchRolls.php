<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Grade;

/** Hand-rolled balls, timed along a line and back (maths.md 1.3). */
final readonly class StopwatchRolls
{
    private function __construct(private TwoWayRolls $decelerations, private float $shortestSeconds) {}

    /**
     * @param list<TimedRoll> $first
     * @param list<TimedRoll> $second
     *
     * @throws InvalidInput If there is no roll at all.
     */
    public static function of(array $first, array $second): self
    {
        $all = [...$first, ...$second];
        if ($all === []) {
            throw InvalidInput::emptyList('direction_1', 'roll');
        }
        $deceleration = static fn(TimedRoll $roll): float => $roll->deceleration();

        return new self(
            new TwoWayRolls(array_map($deceleration, $first), array_map($deceleration, $second)),
            min(array_map(static fn(TimedRoll $roll): float => $roll->seconds, $all)),
        );
    }

    /** Level deceleration is the mean of the two ways'; the error follows to first order. */
    public function reading(): SpeedMeasurement
    {
        $means = $this->decelerations->means();
        $level = array_sum($means) / count($means);
        $speed = GreenSpeed::ofDeceleration($level, $this->decelerations->firstRolled('direction_1', 'direction_2'));
        $errors = $this->decelerations->squaredErrors();
        $oneWay = $this->decelerations->isOneWay();

        return new SpeedMeasurement(
            $speed,
            $errors === null ? null : (($speed->metres() / $level) * sqrt(array_sum($errors))) / count($means),
            $oneWay ? null : Grade::ofRatio(($means[0] - $means[1]) / (2.0 * Physics::PULL_PER_GRADE)),
            !$oneWay,
            $this->decelerations->degreesOfFreedom(),
            $this->warnings(),
            $errors === null || $oneWay ? null : sqrt(array_sum($errors)) / (2.0 * Physics::PULL_PER_GRADE),
        );
    }

    /** @return list<Warning> */
    private function warnings(): array
    {
        $warnings = $this->decelerations->commonWarnings();

        return $this->shortestSeconds < TimedRoll::SHORT_SECONDS - Check::SLACK
            ? [...$warnings, Warning::ShortTime]
            : $warnings;
    }
}
