<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Coach;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Coach $resource */
final class CoachResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'email' => $this->resource->email,
            'unit' => $this->resource->unit->value,
            'stride_m' => $this->resource->stride_m,
            'three_putt_inside_m' => $this->resource->three_putt_inside_m,
            'trend_sessions' => $this->resource->trend_sessions,
        ];
    }
}
