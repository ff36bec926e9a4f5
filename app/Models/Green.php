<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Green\Grass;
use Amble\Core\Green\Surface;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $name
 * @property Surface $surface
 * @property Grass|null $grass null where nobody named it
 * @property bool $is_simulated whether it is the green of a walk along
 * @property-read GreenSpeedMeasurement|null $latestReading
 */
final class Green extends WorkspaceModel
{
    use SoftDeletes;

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'name', 'surface', 'grass'];

    /** @return HasMany<GreenSpeedMeasurement, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(GreenSpeedMeasurement::class);
    }

    /**
     * Give the last reading taken, which stands until the next.
     *
     * @return HasOne<GreenSpeedMeasurement, $this>
     */
    public function latestReading(): HasOne
    {
        return $this->hasOne(GreenSpeedMeasurement::class)->ofMany(['taken_at' => 'max', 'id' => 'max']);
    }

    /** A green that is called otherwise is called so in everything that was kept. */
    protected static function booted(): void
    {
        self::updated(static fn(self $green) => Workspace::evidenceChanged($green->workspace_id));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['surface' => Surface::class, 'grass' => Grass::class, 'is_simulated' => 'boolean'];
    }
}
