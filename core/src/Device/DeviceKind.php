<?php

declare(strict_types=1);

namespace Amble\Core\Device;

/** What can take a reading for a coach. */
enum DeviceKind: string
{
    case Ramp = 'ramp';
    case StrokeSensor = 'stroke_sensor';
    case AimingLight = 'aiming_light';
    case Level = 'level';

    public function label(): string
    {
        return match ($this) {
            self::Ramp => 'Ramp',
            self::StrokeSensor => 'Stroke sensor',
            self::AimingLight => 'Aiming light',
            self::Level => 'Level',
        };
    }

    /**
     * What a reading of it holds, with the error it is taken to have; the editions of real devices may be better, no
     * figure is taken for more than this. Lengths in metres, angles in degrees positive right, grades in percent.
     *
     * @return non-empty-list<DeviceField>
     */
    public function fields(): array
    {
        return match ($this) {
            self::Ramp => [
                new DeviceField('direction_1_m', 'Roll there', 'm', 0.02),
                new DeviceField('direction_2_m', 'Roll back', 'm', 0.02),
            ],
            self::StrokeSensor => [
                new DeviceField('backstroke_m', 'Backstroke', 'm', 0.004),
                new DeviceField('start_deg', 'Start line', '°', 0.3),
                new DeviceField('face_deg', 'Face', '°', 0.3),
                new DeviceField('path_deg', 'Path', '°', 0.6),
                new DeviceField('back_s', 'Time back', 's', 0.01),
                new DeviceField('through_s', 'Time to the ball', 's', 0.01),
                new DeviceField('ball_speed_m_s', 'Ball speed', 'm/s', 0.03),
            ],
            self::AimingLight => [
                new DeviceField('offset_m', 'Beside the mark', 'm', 0.005),
                new DeviceField('at_m', 'Distance of the mark', 'm', 0.01),
            ],
            self::Level => [
                new DeviceField('along_percent', 'Uphill', '%', 0.2),
                new DeviceField('across_percent', 'Rising to the right', '%', 0.2),
            ],
        };
    }

    /** The error a figure of this kind is taken to have (one standard deviation), in its own unit. */
    public function errorOf(string $field): float
    {
        foreach ($this->fields() as $each) {
            if ($each->name === $field) {
                return $each->error;
            }
        }
        throw new \LogicException("No reading of a $this->value holds $field.");
    }
}
