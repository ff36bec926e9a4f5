<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Green\HoleMap;
use Amble\Core\Green\MapPicture;
use Amble\Core\Reading\MapWords;
use Amble\Core\Roll\MappedPutts;
use App\Models\HoleMapRecord;
use App\Reports\GreenSpeeds;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A mapped hole: what was read, the drawing, and the place to read next.
 *
 * @property HoleMapRecord $resource
 */
final class HoleMapResource extends JsonResource
{
    /** Past the hole by so much where nobody says otherwise, metres. */
    private const PACE = 0.3;

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $record = $this->resource;
        $map = $record->map();
        $picture = MapPicture::of($map);
        $speed = GreenSpeeds::last($record->green->loadMissing('latestReading'));
        $putts = new MappedPutts($map, $speed, self::PACE);
        $next = $putts->tellsMost();
        $error = $putts->meanLineError();
        $odd = $map->oddReading();

        return [
            'id' => $record->id,
            'green_id' => $record->green_id,
            'name' => $record->name,
            'mark' => $record->mark,
            'read_by' => $record->noise_percent <= 100.0 * HoleMap::LEVEL ? 'level' : 'phone',
            'readings' => array_map(
                static fn(array $reading, int $i): array => $reading + [
                    'place' => MapWords::place($reading['x_m'], $reading['y_m']),
                    'is_far_off' => $i === $odd,
                ],
                $record->readings,
                array_keys($record->readings),
            ),
            'reach_m' => $picture->reach,
            'step_m' => $picture->step,
            'contours' => array_map(
                static fn(array $contour): array => ['height_m' => $contour[0], 'pieces' => $contour[1]],
                $picture->contours,
            ),
            'falls' => array_map(
                static fn(array $fall): array => [
                    'x_m' => $fall[0],
                    'y_m' => $fall[1],
                    'right_percent' => $fall[2],
                    'up_percent' => $fall[3],
                    'is_vague' => $fall[4],
                ],
                $picture->falls,
            ),
            'next' =>
                $next === null ? null : ['x_m' => $next[0], 'y_m' => $next[1], 'place' => MapWords::place(...$next)],
            'line_error_deg' => $map->readings === [] || $error === null ? null : rad2deg($error),
            'speed_m' => $speed->metres(),
            'mapped_on' => $record->created_at->toDateString(),
        ];
    }
}
