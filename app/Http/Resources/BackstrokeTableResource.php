<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Review\BackstrokeRow;
use Amble\Core\Review\BackstrokeTable;
use Amble\Core\Stroke\RollPrediction;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A student's line told for one green speed.
 *
 * @property BackstrokeTable $resource
 */
final class BackstrokeTableResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'speed_m' => $this->resource->speed->metres(),
            'reach_m' => $this->resource->reach,
            'rows' => array_map(self::row(...), $this->resource->rows),
            'curve' => array_map(self::point(...), $this->resource->curve),
        ];
    }

    /** @return array<string, mixed> */
    private static function row(BackstrokeRow $row): array
    {
        return [
            'length_m' => $row->asked->length->metres(),
            'grade_percent' => $row->asked->grade->percent(),
            'is_station' => $row->asked->isStation,
            'never_stops' => $row->neverStops,
            'backstroke_m' => $row->backstroke,
            'low_m' => $row->low,
            'high_m' => $row->high,
            'extrapolated' => $row->isExtrapolated,
        ];
    }

    /**
     * @param array{float, RollPrediction} $point
     *
     * @return array<string, mixed>
     */
    private static function point(array $point): array
    {
        [$backstroke, $roll] = $point;

        return [
            'backstroke_m' => $backstroke,
            'roll_m' => $roll->rollMetres,
            'low_m' => $roll->lowMetres,
            'high_m' => $roll->highMetres,
            'extrapolated' => $roll->isExtrapolated,
        ];
    }
}
