<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Device\FigureSource;
use Amble\Core\Green\MeasurementMethod;
use App\Actions\DeviceTime;
use Illuminate\Validation\Rule;

/** A green-speed reading as put down so far; sent again whole whenever an entry is made or corrected. */
final class GreenSpeedMeasurementRequest extends WorkspaceRequest
{
    /** Limits of one timed roll, by its fields. */
    public const TIMED = ['distance_m' => ['numeric', 'between:0.1,60'], 'time_s' => ['numeric', 'between:0.2,60']];
    public const TIMED_SENTENCES = [
        'distance_m' => 'A timed roll is between 0.1 m (4 in) and 60 m (196 ft).',
        'time_s' => 'A roll takes between 0.2 and 60 seconds.',
    ];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'taken_at_ms' => DeviceTime::RULES,
            'method' => ['required', Rule::enum(MeasurementMethod::class)],
            'direction_1_m' => ['exclude_unless:method,ramp', 'array', 'list', 'max:20'],
            'direction_2_m' => ['exclude_unless:method,ramp', 'array', 'list', 'max:20'],
            'direction_1_m.*' => ['required', 'numeric', 'between:0.1,12'],
            'direction_2_m.*' => ['required', 'numeric', 'between:0.1,12'],
            'read_by' => ['exclude_unless:method,ramp', 'sometimes', Rule::enum(FigureSource::class)],
            'ramp_factor' => ['exclude_unless:method,ramp', 'nullable', 'numeric', 'between:0.2,5'],
            'direction_1' => ['exclude_unless:method,stopwatch', 'array', 'list', 'max:20'],
            'direction_2' => ['exclude_unless:method,stopwatch', 'array', 'list', 'max:20'],
            'direction_1.*.distance_m' => ['required', ...self::TIMED['distance_m']],
            'direction_2.*.distance_m' => ['required', ...self::TIMED['distance_m']],
            'direction_1.*.time_s' => ['required', ...self::TIMED['time_s']],
            'direction_2.*.time_s' => ['required', ...self::TIMED['time_s']],
            'speed_ft' => ['exclude_unless:method,estimated', 'required', 'numeric', 'between:2,20'],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'direction_1_m.*.between' => 'A ramp roll is between 0.1 m (4 in) and 12 m (39 ft).',
            'direction_2_m.*.between' => 'A ramp roll is between 0.1 m (4 in) and 12 m (39 ft).',
            'direction_1.*.distance_m.between' => self::TIMED_SENTENCES['distance_m'],
            'direction_2.*.distance_m.between' => self::TIMED_SENTENCES['distance_m'],
            'direction_1.*.time_s.between' => self::TIMED_SENTENCES['time_s'],
            'direction_2.*.time_s.between' => self::TIMED_SENTENCES['time_s'],
            'speed_ft.between' => 'A green speed is between 2 and 20 ft.',
            'speed_ft.required' => 'Give your estimate in feet, or choose "unknown".',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'direction_1_m.*' => 'roll',
            'direction_2_m.*' => 'roll',
            'direction_1.*.distance_m' => 'distance',
            'direction_2.*.distance_m' => 'distance',
            'direction_1.*.time_s' => 'time',
            'direction_2.*.time_s' => 'time',
            'speed_ft' => 'green speed',
            'ramp_factor' => 'ramp factor',
        ];
    }
}
