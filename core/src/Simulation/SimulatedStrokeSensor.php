<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\Device;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Device\FigureSource;
use Amble\Core\Direction\ImpactModel;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Units\Length;

/** A stroke sensor on the putter of a simulated student, with the errors its kind is taken to have. */
final readonly class SimulatedStrokeSensor implements Device
{
    /** Spread of the path, radians, and of the times, a share. */
    private const PATH_SPREAD = 0.02;
    private const TIME_SPREAD = 0.03;

    /** How far past its target a putt is meant to roll, metres. */
    private const PAST = 0.3;

    public function __construct(private SimulatedStudent $student, private RandomSource $random) {}

    public function kind(): DeviceKind
    {
        return DeviceKind::StrokeSensor;
    }

    public function source(): FigureSource
    {
        return FigureSource::Simulated;
    }

    public function read(DeviceScene $scene): array
    {
        $putt = $this->student->puttTo(
            Length::ofMetres($scene->target->metres() + self::PAST),
            $scene->speed,
            $scene->speed,
            $scene->along,
            $this->random,
        );

        return $putt === null ? [] : $this->of($putt, $scene);
    }

    /**
     * What it reads of a putt that was struck.
     *
     * @return array<string, float> by field
     */
    public function of(SimulatedPutt $putt, DeviceScene $scene): array
    {
        $path = self::PATH_SPREAD * $this->random->normal();
        $face = ($putt->startLine - (1.0 - ImpactModel::FACE_SHARE) * $path) / ImpactModel::FACE_SHARE;
        $time = fn(): float => $this->student->beatSeconds * exp(self::TIME_SPREAD * $this->random->normal());
        // v² = 2 a D on this grade.
        $speed = sqrt(max(0.0, 2.0 * $scene->speed->decelerationOn($scene->along) * $putt->rollMetres));
        $true = [
            'backstroke_m' => $putt->backstrokeMetres,
            'start_deg' => rad2deg($putt->startLine),
            'face_deg' => rad2deg($face),
            'path_deg' => rad2deg($path),
            'back_s' => $time(),
            'through_s' => $time(),
            'ball_speed_m_s' => $speed,
        ];
        $read = [];
        foreach (DeviceKind::StrokeSensor->fields() as $field) {
            $read[$field->name] = round($true[$field->name] + $field->error * $this->random->normal(), 3);
        }

        return $read;
    }
}
