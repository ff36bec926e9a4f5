<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Green\RampRolls;
use Amble\Core\Green\SpeedMeasurement;
use Amble\Core\Green\StopwatchRolls;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Green\Warning;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Length;

final class GreenSpeedComputation implements Computation
{
    public function answer(JsonInput $input): array
    {
        $reading =
            $input->word('method', ['ramp', 'stopwatch']) === 'ramp'
                ? RampRolls::of(
                    $input->numbersOrNone('direction_1_m'),
                    $input->numbersOrNone('direction_2_m'),
                    $input->numberOr('ramp_factor', 1.0),
                )->reading()
                : StopwatchRolls::of(
                    self::timedRolls($input, 'direction_1'),
                    self::timedRolls($input, 'direction_2'),
                )->reading();

        return self::toArray($reading);
    }

    /** @return list<TimedRoll> */
    private static function timedRolls(JsonInput $input, string $field): array
    {
        return array_map(
            static fn(JsonInput $roll): TimedRoll => TimedRoll::of(
                $roll->number('distance_m'),
                $roll->number('time_s'),
                $roll->here(),
            ),
            $input->objectsOrNone($field),
        );
    }

    /** @return array<string, mixed> */
    private static function toArray(SpeedMeasurement $reading): array
    {
        return [
            'green_speed_ft' => $reading->speed->feet(),
            'standard_error_ft' =>
                $reading->standardErrorMetres === null ? null : $reading->standardErrorMetres / Length::METRES_PER_FOOT,
            'grade_percent' => $reading->grade?->percent(),
            'level' => $reading->isLevel,
            'warnings' => array_map(static fn(Warning $warning): string => $warning->value, $reading->warnings),
        ];
    }
}
