<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\HomeworkRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One thing noted at home, or answered.
 *
 * @property HomeworkRecord $resource
 */
final class HomeworkEntryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'kind' => $this->resource->kind,
            'at_ms' => $this->resource->at_ms,
            'balls' => $this->resource->balls,
            'passes' => $this->resource->passes,
            'text' => $this->resource->text,
            'session_id' => $this->resource->session_id,
        ];
    }
}
