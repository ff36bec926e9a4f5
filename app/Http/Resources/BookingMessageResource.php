<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BookingMessage;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property BookingMessage $resource */
final class BookingMessageResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'to' => $this->resource->to,
            'state' => $this->resource->state->value,
            'at' => $this->resource->updated_at->toIso8601ZuluString(),
        ];
    }
}
