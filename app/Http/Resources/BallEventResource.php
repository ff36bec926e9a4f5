<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\SessionEventRecord;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One thing that happened to a ball, and who logged it.
 *
 * @property SessionEventRecord $resource
 */
final class BallEventResource extends JsonResource
{
    /** What of an event's content a history shows. */
    private const FIELDS = [
        'putt_id',
        'event_id',
        'backstroke_m',
        'roll_m',
        'run_on_m',
        'stop',
        'target_m',
        'grade_percent',
        'mark',
        'cause',
        'seen',
    ];

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'type' => $this->resource->type,
            'at_ms' => $this->resource->at_ms,
            'by' => $this->resource->by(),
        ] + array_intersect_key($this->resource->payload, array_flip(self::FIELDS));
    }
}
