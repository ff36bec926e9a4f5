<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Reading\MapWords;
use Amble\Core\Roll\MappedPutt;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A place to putt from on a mapped hole.
 *
 * @property MappedPutt $resource
 */
final class MappedPuttResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'x_m' => $this->resource->xMetres,
            'y_m' => $this->resource->yMetres,
            'along_percent' => 100.0 * $this->resource->along,
            'across_percent' => 100.0 * $this->resource->across,
            'straight_within_m' => $this->resource->straightWithin,
            'words' => MapWords::putt($this->resource),
        ];
    }
}
