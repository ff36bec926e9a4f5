<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Reading\MapWords;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\MappedRead;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A putt read on the map of its hole.
 *
 * @property MappedRead $resource
 */
final class MappedReadResource extends JsonResource
{
    public function __construct(
        MappedRead $read,
        private readonly float $x,
        private readonly float $y,
        private readonly float $pace,
    ) {
        parent::__construct($read);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $read = $this->resource;
        $line = $read->isFigure() ? $read->solution->startLine() : null;
        $aims = MapWords::aims($read);
        $path = (new AimSolver($read->ground, $read->length, $this->pace))->path($read->solution);

        return [
            'x_m' => $this->x,
            'y_m' => $this->y,
            'place' => MapWords::place($this->x, $this->y),
            'length_m' => $read->length->metres(),
            'along_percent' => $read->ground->along->percent(),
            'across_percent' => $read->ground->across->percent(),
            'start_deg' => $line === null ? null : rad2deg($line),
            'start_error_deg' => $line === null ? null : rad2deg((float) $read->startLineError),
            'aim_m' => $line === null ? null : $read->solution->aimOffset(),
            'aim_low_m' => $aims[0] ?? null,
            'aim_high_m' => $aims[1] ?? null,
            'plays_like_m' => $read->solution->playsLike(),
            'path' => $line === null ? [] : array_map($this->onMap(...), $path),
            'words' => MapWords::read($read),
        ];
    }

    /**
     * @param array{float, float} $point along the line and to its right, metres
     *
     * @return array{float, float} to the right of the hole and up, metres
     */
    private function onMap(array $point): array
    {
        $length = hypot($this->x, $this->y);
        [$ux, $uy] = [-$this->x / $length, -$this->y / $length];

        return [
            round($this->x + $point[0] * $ux + $point[1] * $uy, 3),
            round($this->y + $point[0] * $uy - $point[1] * $ux, 3),
        ];
    }
}
