<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Evidence\ExcludedBalls;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Insight\SessionReport;
use Amble\Core\Review\MeasureCount;
use Amble\Core\Review\ReviewedBall;
use Amble\Core\Stroke\SessionOffset;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A session looked back on.
 *
 * @property SessionReport $resource
 */
final class SessionReportResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $look = $this->resource;
        $fit = $look->stroke->fit;
        $speed = $look->standing?->reading->speed;

        return [
            'state' => $fit->state->value,
            'n' => $fit->n,
            'n_today' => $look->stroke->nToday,
            'beta' => $fit->beta(),
            'roll_ratio' => $fit->beta() === null ? null : 2.0 ** $fit->beta(),
            'sigma' => $fit->sigma,
            'prior' => ['shipped' => $look->stroke->prior->isShipped(), 'students' => $look->stroke->prior->students],
            'method' => $look->method->value,
            'speed_m' => $speed?->metres(),
            'is_of_the_day' => $look->standing->isOfTheDay ?? false,
            'days_old' => $look->standing->days ?? null,
            'speed_error' => $look->standing?->relativeError(),
            'table' => $look->table === null ? null : BackstrokeTableResource::make($look->table),
            'balls' => array_map(
                static fn(ReviewedBall $ball): array => self::ball($ball, $speed),
                $look->stroke->balls,
            ),
            'left_out' => self::reasons($look->stroke->leftOut),
            'day' => self::day($look),
            'measures' => array_map(
                static fn(MeasureCount $count): array => [
                    'measure' => $count->measure,
                    'counted' => $count->counted,
                    'left_out' => self::reasons($count->leftOut),
                ],
                $look->counts,
            ),
            'tries' => [
                'first' => $look->tries->first,
                'first_inside' => $look->tries->firstInside,
                'later' => $look->tries->later,
                'later_inside' => $look->tries->laterInside,
            ],
            'notes' => InsightResource::collection($look->notes),
            'shoe_places' => array_map(
                static fn(array $place): array => ['length_m' => $place[0], 'place_m' => $place[1]],
                $look->shoePlaces,
            ),
            'own_line' => self::ownLine($look->stroke->today),
        ];
    }

    /** @return array<string, mixed>|null today against the line of the earlier sessions; shares of the roll */
    private static function ownLine(?SessionOffset $today): ?array
    {
        return $today === null
            ? null
            : [
                'n' => $today->n,
                'sessions' => $today->sessions,
                'offset' => exp($today->offset) - 1.0,
                'quiet_within' => exp(SessionOffset::REMARK * $today->standardError) - 1.0,
                'is_remarkable' => $today->isRemarkable(),
            ];
    }

    /** @return array<string, mixed>|null today's first balls at targets against what is usual */
    private static function day(SessionReport $look): ?array
    {
        $own = $look->day->students[0] ?? null;

        return $own === null || $look->day?->green === null
            ? null
            : [
                'n' => $look->dayBalls,
                'offset' => $own->value,
                'interval' => $own->interval(0.8)->toArray(),
                'students' => count(array_filter($look->day->students)),
                'green_offset' => $look->day->isSeparable() ? $look->day->green->value : null,
                'green_interval' => $look->day->isSeparable() ? $look->day->green->interval(0.8)->toArray() : null,
            ];
    }

    /**
     * @param array<string, int> $leftOut
     *
     * @return list<array{reason: string, count: int}>
     */
    private static function reasons(array $leftOut): array
    {
        return array_map(
            static fn(string $why, int $count): array => [
                'reason' => ExcludedBalls::from($why)->reason(),
                'count' => $count,
            ],
            array_keys($leftOut),
            array_values($leftOut),
        );
    }

    /** @return array<string, mixed> its roll as it would be on the level at the green's speed */
    private static function ball(ReviewedBall $ball, ?GreenSpeed $speed): array
    {
        $seen = $ball->rolled->ball;

        return [
            'id' => $ball->rolled->id,
            'is_today' => $ball->isToday,
            'backstroke_m' => $seen->backstroke?->metres(),
            'roll_m' => $seen->roll?->metres(),
            'level_roll_m' =>
                $ball->relativeRoll === null || $speed === null ? null : $ball->relativeRoll * $speed->metres(),
            'use' => $ball->why->value ?? 'used',
            'reason' => $ball->why?->reason(),
            'is_odd' => $ball->isOdd,
            'weight' => $ball->weight,
        ];
    }
}
