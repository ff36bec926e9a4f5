<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SavedDrill;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property SavedDrill $resource */
final class SavedDrillResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->resource->id, 'drill' => json_decode($this->resource->definition)];
    }
}
