<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Student;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Student $resource */
final class StudentResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'hand' => $this->resource->hand->value,
            'level' => $this->resource->level->value,
            'unit' => $this->resource->unit->value,
            'stride_m' => $this->resource->stride_m,
            'finish_past_m' => $this->resource->finish_past_m,
            'putter' => $this->resource->putter,
            'school' => $this->resource->school->value,
            'tempo_bpm' => $this->resource->tempo_bpm,
            'exception' => $this->resource->exception,
            'band_low_m' => $this->resource->band_low_m,
            'band_high_m' => $this->resource->band_high_m,
            'line_cure' => $this->resource->line_cure?->value,
            'is_gentle' => $this->resource->is_gentle,
        ];
    }
}
