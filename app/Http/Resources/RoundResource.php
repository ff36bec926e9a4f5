<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\RoundReport;
use Amble\Core\Units\Length;
use App\Models\Round;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property Round $resource */
final class RoundResource extends JsonResource
{
    /** @param Length|null $inside three putts from inside this should not come */
    public function __construct(Round $round, private readonly ?Length $inside = null)
    {
        parent::__construct($round);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $played = $this->resource->played();
        $look = RoundReport::of([$played], $this->inside);

        return [
            'id' => $this->resource->id,
            'student_id' => $this->resource->student_id,
            'played_on' => $this->resource->played_on->toDateString(),
            'place' => $this->resource->place,
            'is_from_memory' => $this->resource->is_from_memory,
            'putts' => $look->putts,
            'counted' => $look->holes,
            'three_putts' => $look->threePutts + $look->fourPutts,
            'strokes_lost' => $look->strokesLost,
            'holes' => array_map(
                fn(Hole $hole): array => [
                    'first_m' => $hole->first?->metres(),
                    'putts' => $hole->putts,
                    'leave_m' => $hole->leave?->metres(),
                    'side' => $hole->side?->value,
                    'is_extreme' => $hole->isExtreme,
                    'is_avoidable' => $this->inside !== null && RoundReport::isAvoidable($hole, $this->inside),
                ],
                $played->holes,
            ),
        ];
    }
}
