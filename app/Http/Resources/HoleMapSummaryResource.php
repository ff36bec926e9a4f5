<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\HoleMapRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A mapped hole in a list.
 *
 * @property HoleMapRecord $resource
 */
final class HoleMapSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'mark' => $this->resource->mark,
            'places' => count($this->resource->readings),
            'mapped_on' => $this->resource->created_at->toDateString(),
        ];
    }
}
