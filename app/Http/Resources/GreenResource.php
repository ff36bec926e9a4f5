<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Green $resource */
final class GreenResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'surface' => $this->resource->surface->value,
            'grass' => $this->resource->grass?->value,
            'reading' => $this->whenLoaded(
                'latestReading',
                fn(
                    GreenSpeedMeasurement $reading,
                ): GreenSpeedMeasurementResource => GreenSpeedMeasurementResource::make($reading),
            ),
        ];
    }
}
