<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeSession;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What events change of a session: its balls and its card.
 *
 * @property PracticeSession $resource
 */
final class SessionLogResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'putts' => BallResource::collection($this->resource->ballRows()),
            'stations' => $this->resource->stations,
            'conditions' => $this->resource->conditions,
            'set_aside' => $this->resource->set_aside,
            'company' => $this->resource->companions(),
            'latest_ms' => $this->resource->latest_ms,
            'during' => $this->resource->during,
            'checks' => $this->resource->checkTries(),
            'sights' => $this->resource->cardSights(),
        ];
    }
}
