<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** One timed roll that is about to count, with the others rolled the same way. */
final class TimedRollRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rolls = GreenSpeedMeasurementRequest::TIMED;

        return [
            'roll.distance_m' => ['required', ...$rolls['distance_m']],
            'roll.time_s' => ['required', ...$rolls['time_s']],
            'others' => ['sometimes', 'array', 'list', 'max:20'],
            'others.*.distance_m' => ['required', ...$rolls['distance_m']],
            'others.*.time_s' => ['required', ...$rolls['time_s']],
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'roll.distance_m.between' => GreenSpeedMeasurementRequest::TIMED_SENTENCES['distance_m'],
            'roll.time_s.between' => GreenSpeedMeasurementRequest::TIMED_SENTENCES['time_s'],
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['roll.distance_m' => 'distance', 'roll.time_s' => 'time'];
    }
}
