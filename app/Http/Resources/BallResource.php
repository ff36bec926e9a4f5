<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\BallColumns;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A ball of a session, from its row.
 *
 * @property \stdClass $resource
 */
final class BallResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return BallColumns::shown($this->resource);
    }
}
