<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Rounds\FirstPuttClass;
use App\Models\Benchmark;
use App\Models\Round;
use App\Reports\RoundSummary;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A student's rounds and what they cost.
 *
 * @property RoundSummary $resource
 */
final class RoundSummaryResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $room = $this->resource;
        $play = $room->play;

        return [
            'rounds' => array_map(
                fn(Round $round): RoundResource => new RoundResource($round, $room->inside),
                $room->rounds,
            ),
            'from_memory' => $play->fromMemory,
            'holes' => $play->holes,
            'putts_per_18' => $play->per18($play->putts),
            'one_putts_per_18' => $play->per18($play->onePutts),
            'three_putts' => $play->threePutts,
            'four_putts' => $play->fourPutts,
            'strokes_lost' => $play->strokesLost,
            'strokes_lost_per_18' => $play->per18($play->strokesLost),
            'avoidable' => $play->avoidable,
            'first_putts' => [
                'n' => count($play->firstPutts->lengths),
                'lengths_m' => $play->firstPutts->lengths,
                'band_m' => $play->firstPutts->band(),
                'wanting' => $play->firstPutts->wanting(),
            ],
            'band_m' => $room->band,
            'is_band_of_rounds' => $play->firstPutts->band() !== null,
            'classes' => array_map(
                static fn(FirstPuttClass $class): array => [
                    'low_m' => $class->low,
                    'high_m' => $class->high,
                    'n' => $class->n,
                    'one_putt' => $class->onePutt,
                    'one_putt_interval' => $class->onePuttInterval->toArray(),
                    'three_putt' => $class->threePutt,
                    'three_putt_interval' => $class->threePuttInterval->toArray(),
                    'mean_leave_m' => $class->meanLeave,
                ],
                $play->classes,
            ),
            'benchmarks' => array_map(
                static fn(Benchmark $benchmark): array => [
                    'own' => $benchmark->figure->own($play, $benchmark->length()),
                ] + BenchmarkResource::make($benchmark)->toArray($request),
                $room->benchmarks,
            ),
        ];
    }
}
