<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Booking;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Booking $resource */
final class BookingResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'student_id' => $this->resource->student_id,
            'green_id' => $this->resource->green_id,
            'name' => $this->resource->summary(),
            'place' => $this->resource->green?->name,
            'title' => $this->resource->title,
            'starts' => $this->resource->starts,
            'zone' => $this->resource->zone,
            'minutes' => $this->resource->minutes,
            'travel_minutes' => $this->resource->travel_minutes,
            'rule' => $this->resource->rule,
            'note' => $this->resource->note,
            'letter' =>
                $this->resource->lastLetter === null
                    ? null
                    : (new BookingMessageResource($this->resource->lastLetter))->toArray($request),
        ];
    }
}
