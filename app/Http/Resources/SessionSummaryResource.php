<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeSession;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A session as the workspace lists it.
 *
 * @property PracticeSession $resource
 */
final class SessionSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'student_id' => $this->resource->student_id,
            'green_id' => $this->resource->green_id,
            'purpose' => $this->resource->purpose,
            'minutes' => $this->resource->minutes,
            'note_for_next' => $this->resource->note_for_next,
            'is_home' => $this->resource->is_home,
            'started_at' => $this->resource->started_at->toIso8601ZuluString(),
            'ended_at' => $this->resource->ended_at?->toIso8601ZuluString(),
        ];
    }
}
