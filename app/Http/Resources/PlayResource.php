<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Play\PlayClass;
use Amble\Core\Play\Stakes;
use Amble\Core\Play\StakesMissing;
use Amble\Core\Strokes\LengthOutcome;
use App\Models\Benchmark;
use App\Models\Round;
use App\Practice\PlayRoom;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A student's rounds and what they cost.
 *
 * @property PlayRoom $resource
 */
final class PlayResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $room = $this->resource;
        $play = $room->play;

        return [
            'rounds' => array_map(fn(Round $round): RoundResource => new RoundResource($round, $room->inside), $room->rounds),
            'from_memory' => $play->fromMemory,
            'holes' => $play->holes,
            'putts_per_18' => $play->per18($play->putts),
            'one_putts_per_18' => $play->per18($play->onePutts),
            'three_putts' => $play->threePutts,
            'four_putts' => $play->fourPutts,
            'strokes_lost' => $play->strokesLost,
            'strokes_lost_per_18' => $play->per18($play->strokesLost),
            'avoidable' => $play->avoidable,
            'first_putts' => ['n' => count($play->firstPutts->lengths), 'lengths_m' => $play->firstPutts->lengths, 'band_m' => $play->firstPutts->band()],
            'band_m' => $room->band,
            'is_band_of_rounds' => $play->firstPutts->band() !== null,
            'classes' => array_map(static fn(PlayClass $class): array => [
                'low_m' => $class->low, 'high_m' => $class->high, 'n' => $class->n,
                'one_putt' => $class->onePutt, 'one_putt_interval' => $class->onePuttInterval->toArray(),
                'three_putt' => $class->threePutt, 'three_putt_interval' => $class->threePuttInterval->toArray(),
                'mean_leave_m' => $class->meanLeave,
            ], $play->classes),
            'benchmarks' => array_map(static fn(Benchmark $benchmark): array => [
                'id' => $benchmark->id, 'figure' => $benchmark->figure->value, 'length_m' => $benchmark->length_m, 'value' => $benchmark->value,
                'source' => $benchmark->source, 'sample' => $benchmark->sample, 'own' => $benchmark->figure->own($play, $benchmark->length()),
            ], $room->benchmarks),
            'stakes' => $this->stakes(),
        ];
    }

    /** @return array<string, mixed> */
    private function stakes(): array
    {
        $room = $this->resource;
        $stakes = $room->stakes;
        $isTold = $stakes instanceof Stakes;

        return [
            'missing' => $stakes instanceof StakesMissing ? $stakes->sentence() : null,
            'speed_m' => $room->speed->metres(),
            'is_speed_measured' => $room->isSpeedMeasured,
            'is_own_mix' => $room->play->firstPutts->areEnough(),
            'expected_per_18' => $isTold ? $stakes->atStake->expectedPer18 : null,
            'ranking' => $isTold ? array_map(
                static fn(string $skill, float $putts): array => ['skill' => $skill, 'putts_per_18' => $putts],
                array_keys($stakes->atStake->stakes),
                array_values($stakes->atStake->stakes),
            ) : [],
            'lengths' => $isTold ? array_map(static fn(LengthOutcome $outcome): array => [
                'length_m' => $outcome->lengthMetres, 'one_putt' => $outcome->onePutt, 'three_or_more' => $outcome->threeOrMore, 'expected' => $outcome->expected,
            ], $stakes->outcomes) : [],
            'pace_balls' => $isTold ? $stakes->paceBalls : null,
            'line_balls' => $isTold ? $stakes->lineBalls : null,
        ];
    }
}
