<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Benchmark;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Benchmark $resource */
final class BenchmarkResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'figure' => $this->resource->figure->value,
            'length_m' => $this->resource->length_m,
            'value' => $this->resource->value,
            'source' => $this->resource->source,
            'sample' => $this->resource->sample,
        ];
    }
}
