<?php

declare(strict_types=1);

namespace Amble\Core\Contract;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Roll\MappedRead;

final class GreenMapComputation implements Computation
{
    /** Standard error of a reading that says none, percent. */
    private const NOISE_PERCENT = 0.25;

    public function answer(JsonInput $input): array
    {
        $map = HoleMap::of(
            array_map(SlopeReading::read(...), $input->objects('readings')),
            Check::positive($input->numberOr('noise_percent', self::NOISE_PERCENT), 'noise_percent') / 100.0,
        );
        $speed = GreenSpeed::ofFeet($input->number('green_speed_ft'));

        return [
            'coefficients' => $map->coefficients,
            'slopes' => array_map(
                static fn(JsonInput $at): array => self::slope(
                    $map,
                    SlopeReading::place($at, 'x_m'),
                    SlopeReading::place($at, 'y_m'),
                ),
                $input->objectsOrNone('slopes_at'),
            ),
            'reads' => array_map(
                static fn(JsonInput $read): array => self::read(
                    MappedRead::of(
                        $map,
                        $speed,
                        SlopeReading::place($read, 'x_m'),
                        SlopeReading::place($read, 'y_m'),
                        $read->number('pace_m'),
                        $read->here(),
                    ),
                ),
                $input->objectsOrNone('reads'),
            ),
        ];
    }

    /** @return array<string, float> percent */
    private static function slope(HoleMap $map, float $x, float $y): array
    {
        [$right, $up] = $map->slope($x, $y);
        [$rightError, $upError] = $map->slopeErrors($x, $y);

        return [
            'right_percent' => 100.0 * $right,
            'up_percent' => 100.0 * $up,
            'right_se_percent' => 100.0 * $rightError,
            'up_se_percent' => 100.0 * $upError,
        ];
    }

    /** @return array<string, mixed> */
    private static function read(MappedRead $read): array
    {
        $line = $read->solution->startLine();

        return [
            'solved' => $read->solution->isSolved(),
            'start_line_deg' => $line === null ? null : rad2deg($line),
            'start_line_se_deg' => $read->startLineError === null ? null : rad2deg($read->startLineError),
            'start_speed_m_s' => $read->solution->startSpeed(),
            'plays_like_m' => $read->solution->playsLike(),
            'reason' => $read->solution->reason?->value,
        ];
    }
}
