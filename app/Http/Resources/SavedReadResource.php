<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Reading\PaceKind;
use Amble\Core\Reading\PaceLine;
use Amble\Core\Reading\PuttWords;
use App\Models\SavedRead;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A read kept at a green.
 *
 * @property SavedRead $resource
 */
final class SavedReadResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->name,
            'putt' => $this->resource->putt,
            'word' => PuttWords::aimed(PaceLine::of($this->resource->putt(), PaceKind::Meant)),
            'kept_on' => $this->resource->created_at->toDateString(),
        ];
    }
}
