<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\LengthSet;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Lengths a coach calls by a name.
 *
 * @property LengthSet $resource
 */
final class LengthSetResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'lengths_m' => $this->resource->lengths_m,
            'said' => $this->resource->said,
        ];
    }
}
