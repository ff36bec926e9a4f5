<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Green\Warning;
use App\Models\GreenSpeedMeasurement;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property GreenSpeedMeasurement $resource */
final class GreenSpeedMeasurementResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'green_id' => $this->resource->green_id,
            'session_id' => $this->resource->practice_session_id,
            'method' => $this->resource->method->value,
            'entries' => (object) $this->resource->entries,
            'speed_m' => $this->resource->speed_m,
            'standard_error_m' => $this->resource->standard_error_m,
            'give_or_take_m' => $this->resource->give_or_take_m,
            'grade' => $this->resource->grade,
            'grade_range' =>
                $this->resource->grade_low === null ? null : [$this->resource->grade_low, $this->resource->grade_high],
            'whose' => $this->resource->session?->student?->name,
            'is_level' => $this->resource->is_level,
            'warnings' => array_map(
                static fn(string $key): array => [
                    'key' => $key,
                    'sentence' => Warning::from($key)->sentence(),
                ],
                $this->resource->warnings,
            ),
            'taken_at' => $this->resource->taken_at->toIso8601ZuluString('millisecond'),
        ];
    }
}
