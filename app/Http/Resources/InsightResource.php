<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Insight\Insight;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A pencil note as the rules wrote it.
 *
 * @property Insight $resource
 */
final class InsightResource extends JsonResource
{
    /** More of them would not be looked at one by one. */
    private const MOST_BALLS = 60;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'key' => $this->resource->key,
            'seen' => $this->resource->seen,
            'evidence' => $this->resource->evidence,
            'try' => $this->resource->try,
            'other_way' => $this->resource->otherWay,
            'refuted_by' => $this->resource->refutedBy,
            'stamp' => $this->resource->stamp,
            'balls' => array_map(
                MeasureReportResource::ball(...),
                array_slice($this->resource->balls, -self::MOST_BALLS),
            ),
        ];
    }
}
