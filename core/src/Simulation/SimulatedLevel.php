<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Device\FigureSource;
use Amble\Core\Numeric\RandomSource;

/** A level laid on the line of a putt. */
final readonly class SimulatedLevel implements Device
{
    public function __construct(private RandomSource $random) {}

    public function kind(): DeviceKind
    {
        return DeviceKind::Level;
    }

    public function source(): FigureSource
    {
        return FigureSource::Simulated;
    }

    public function read(DeviceScene $scene): array
    {
        $read = fn(string $field, float $percent): float => round(
            $percent + DeviceKind::Level->errorOf($field) * $this->random->normal(),
            1,
        );

        return [
            'along_percent' => $read('along_percent', $scene->along->percent()),
            'across_percent' => $read('across_percent', $scene->across->percent()),
        ];
    }
}
