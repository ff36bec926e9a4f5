<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Reading\EffectiveWidth;
use Amble\Core\Reading\PaceLine;
use Amble\Core\Reading\PuttRead;
use Amble\Core\Reading\StrikeError;
use Amble\Core\Roll\MakeBand;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A putt as it was read.
 *
 * @property PuttRead $resource
 */
final class PuttReadResource extends JsonResource
{
    public function __construct(PuttRead $look, private readonly bool $isOwn)
    {
        parent::__construct($look);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $look = $this->resource;
        $surface = $look->putt->surface;
        $clock = $look->putt->clock();
        $hole = $look->putt->length->metres();

        return [
            'length_m' => $hole,
            'along_percent' => $surface->along->percent(),
            'across_percent' => $surface->across->percent(),
            'hour' => $clock->hour,
            'steep_percent' => 100.0 * $clock->steepness,
            'lines' => array_map(static fn(PaceLine $line): array => self::line($line, $hole), $look->lines),
            'window' => array_map(self::band(...), $look->window->bands),
            'slips' => array_map(self::slip(...), $look->slips, $look->strokes),
            'backstroke_m' => $look->backstroke?->metres,
            'is_beyond_seen' => $look->backstroke->isExtrapolated ?? false,
            'degree_costs' => $look->degreeCosts,
            'tenth_costs' => $look->tenthCosts,
            'is_own_rates' => $this->isOwn,
            'widths' => array_map(
                static fn(EffectiveWidth $width): array => [
                    'target' => $width->target,
                    'half_m' => $width->half,
                    'half_deg' => $width->degrees,
                ],
                EffectiveWidth::all($look->putt->length),
            ),
            'words' => $look->words,
            'hints' => $look->hints,
        ];
    }

    /** @return array<string, mixed> */
    private static function line(PaceLine $line, float $hole): array
    {
        $read = $line->read;
        $start = $read?->startLine();

        return [
            'kind' => $line->kind->value,
            'pace_m' => $line->pace,
            'reason' => $line->reason,
            'start_deg' => $start === null ? null : rad2deg($start),
            'aim_m' => $read?->aimOffset(),
            'aim_holes' => $read?->aimInHoles(),
            'outside_m' => $line->outside(),
            'start_speed_m_s' => $read?->startSpeed(),
            'speed_at_hole_m_s' => $read?->speedAtHole(),
            'plays_like_m' => $read?->playsLike(),
            'dies_before_m' => $line->dying($hole),
            'path' => array_map(
                static fn(array $point): array => [round($point[0], 4), round($point[1], 4)],
                $line->path,
            ),
        ];
    }

    /** @return array<string, float> */
    private static function band(MakeBand $band): array
    {
        return [
            'speed_at_hole_m_s' => $band->speedAtHole,
            'left_deg' => rad2deg($band->leftmost),
            'centre_deg' => rad2deg($band->centre),
            'right_deg' => rad2deg($band->rightmost),
        ];
    }

    /** @return array<string, mixed> */
    private static function slip(StrikeError $slip, ?float $putts): array
    {
        return [
            'key' => $slip->key,
            'is_holed' => $slip->isHoled,
            'x_m' => $slip->rest?->x,
            'y_m' => $slip->rest?->y,
            'leave_m' => $slip->leave,
            'back' => $slip->back(),
            'putts' => $putts,
        ];
    }
}
