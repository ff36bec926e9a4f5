<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Json\JsonInput;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A hole position of a green with the slopes that were read round it.
 *
 * @property string $green_id
 * @property string $name of the hole position
 * @property string $mark the landmark at twelve o'clock
 * @property float $noise_percent standard error of each reading, of the device they are read by
 * @property list<array{x_m: float, y_m: float, right_percent: float, up_percent: float, by: string}> $readings
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable $updated_at
 * @property-read Green $green
 */
final class HoleMapRecord extends WorkspaceModel
{
    protected $table = 'hole_maps';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'green_id', 'name', 'mark', 'noise_percent', 'readings'];

    /** @return BelongsTo<Green, $this> */
    public function green(): BelongsTo
    {
        return $this->belongsToEvenGone(Green::class, 'green_id');
    }

    public function map(): HoleMap
    {
        return HoleMap::of(
            array_map(
                static fn(array $reading): SlopeReading => SlopeReading::read(JsonInput::fromArray($reading)),
                $this->readings,
            ),
            $this->noise_percent / 100.0,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['readings' => 'array', 'noise_percent' => 'float'];
    }
}
