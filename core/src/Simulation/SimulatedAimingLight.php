<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Device\FigureSource;
use Amble\Core\Numeric\RandomSource;

/** An aiming light in the face of a simulated student's putter, read at a mark. */
final readonly class SimulatedAimingLight implements Device
{
    /** Spread of the aim from look to look, radians. */
    private const AIM_SPREAD = 0.008;

    public function __construct(private SimulatedStudent $student, private RandomSource $random) {}

    public function kind(): DeviceKind
    {
        return DeviceKind::AimingLight;
    }

    public function source(): FigureSource
    {
        return FigureSource::Simulated;
    }

    public function read(DeviceScene $scene): array
    {
        $aim = $this->student->aimBias + self::AIM_SPREAD * $this->random->normal();
        $offset =
            $scene->target->metres() * tan($aim) +
            DeviceKind::AimingLight->errorOf('offset_m') * $this->random->normal();

        return ['offset_m' => round($offset, 3), 'at_m' => round($scene->target->metres(), 2)];
    }
}
