<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Device\FigureSource;
use Amble\Core\Numeric\RandomSource;

/** A ramp on a green of known speed: one ball each way, read off a tape. */
final readonly class SimulatedRamp implements Device
{
    /** Spread of the log roll that the surface adds. */
    private const BUMPS = 0.015;

    public function __construct(private RandomSource $random) {}

    public function kind(): DeviceKind
    {
        return DeviceKind::Ramp;
    }

    public function source(): FigureSource
    {
        return FigureSource::Simulated;
    }

    public function read(DeviceScene $scene): array
    {
        [$there, $back] = (new SimulatedGreen($scene->speed, $scene->along, self::BUMPS))->rampRolls(1, $this->random);
        $read = fn(string $field, float $rolled): float => round(
            $rolled + DeviceKind::Ramp->errorOf($field) * $this->random->normal(),
            2,
        );

        return [
            'direction_1_m' => $read('direction_1_m', $there[0]),
            'direction_2_m' => $read('direction_2_m', $back[0]),
        ];
    }
}
