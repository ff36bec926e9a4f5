<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Simulation\SimulatedAimingLight;
use Amble\Core\Simulation\SimulatedLevel;
use Amble\Core\Simulation\SimulatedRamp;
use Amble\Core\Simulation\SimulatedStrokeSensor;
use Amble\Core\Simulation\SimulatedStudent;
use App\Models\Student;

/** The devices at hand: the simulated ones that ship. One that a server can reach is another line here. */
final class AvailableDevices
{
    public function __construct(private readonly StrokeLines $lines) {}

    public function of(DeviceKind $kind, ?Student $student, RandomSource $random): Device
    {
        return match ($kind) {
            DeviceKind::Ramp => new SimulatedRamp($random),
            DeviceKind::StrokeSensor => new SimulatedStrokeSensor($this->stroke($student), $random),
            DeviceKind::AimingLight => new SimulatedAimingLight($this->stroke($student), $random),
            DeviceKind::Level => new SimulatedLevel($random),
        };
    }

    /** Somebody who strokes as this student's balls say, and is ordinary in all else. */
    private function stroke(?Student $student): SimulatedStudent
    {
        $line = $student === null ? null : $this->lines->of($student, $student->lastSurface());
        $known = array_filter(
            ['alpha' => $line?->alpha(), 'beta' => $line?->beta(), 'strikeScatter' => $line?->sigma],
            is_float(...),
        );

        return SimulatedStudent::ordinary()->changed(count($known) === 3 ? $known : []);
    }
}
