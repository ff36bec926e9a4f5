<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\ReadingMethod;
use Illuminate\Validation\Rule;

/** A green-speed reading as put down so far; sent again whole whenever an entry is made or corrected. */
final class GreenReadingRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'method' => ['required', Rule::enum(ReadingMethod::class)],
            'direction_1_m' => ['exclude_unless:method,ramp', 'array', 'max:20'],
            'direction_2_m' => ['exclude_unless:method,ramp', 'array', 'max:20'],
            'direction_1_m.*' => ['required', 'numeric', 'between:0.1,12'],
            'direction_2_m.*' => ['required', 'numeric', 'between:0.1,12'],
            'ramp_factor' => ['exclude_unless:method,ramp', 'nullable', 'numeric', 'between:0.2,5'],
            'direction_1' => ['exclude_unless:method,stopwatch', 'array', 'max:20'],
            'direction_2' => ['exclude_unless:method,stopwatch', 'array', 'max:20'],
            'direction_1.*.distance_m' => ['required', 'numeric', 'between:0.1,60'],
            'direction_2.*.distance_m' => ['required', 'numeric', 'between:0.1,60'],
            'direction_1.*.time_s' => ['required', 'numeric', 'between:0.2,60'],
            'direction_2.*.time_s' => ['required', 'numeric', 'between:0.2,60'],
            'speed_ft' => ['exclude_unless:method,estimated', 'required', 'numeric', 'between:2,20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'direction_1_m.*.between' => 'A ramp roll is between 0.1 m (4 in) and 12 m (39 ft).',
            'direction_2_m.*.between' => 'A ramp roll is between 0.1 m (4 in) and 12 m (39 ft).',
            'direction_1.*.distance_m.between' => 'A timed roll is between 0.1 m (4 in) and 60 m (196 ft).',
            'direction_2.*.distance_m.between' => 'A timed roll is between 0.1 m (4 in) and 60 m (196 ft).',
            'direction_1.*.time_s.between' => 'A roll takes between 0.2 and 60 seconds.',
            'direction_2.*.time_s.between' => 'A roll takes between 0.2 and 60 seconds.',
            'speed_ft.between' => 'A green speed is between 2 and 20 ft.',
            'speed_ft.required' => 'Give your estimate in feet, or choose "unknown".',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'direction_1_m.*' => 'roll', 'direction_2_m.*' => 'roll',
            'direction_1.*.distance_m' => 'distance', 'direction_2.*.distance_m' => 'distance',
            'direction_1.*.time_s' => 'time', 'direction_2.*.time_s' => 'time',
            'speed_ft' => 'green speed', 'ramp_factor' => 'ramp factor',
        ];
    }
}
