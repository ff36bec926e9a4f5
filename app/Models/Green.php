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
 * @property-read GreenReading|null $latestReading
 */
final class Green extends OwnedRecord
{
    use SoftDeletes;

    protected $fillable = ['id', 'bench_id', 'coach_id', 'name', 'surface', 'grass'];

    /** @return HasMany<GreenReading, $this> */
    public function readings(): HasMany
    {
        return $this->hasMany(GreenReading::class);
    }

    /**
     * Give the last reading taken, which stands until the next.
     *
     * @return HasOne<GreenReading, $this>
     */
    public function latestReading(): HasOne
    {
        return $this->hasOne(GreenReading::class)->ofMany(['taken_at' => 'max', 'id' => 'max']);
    }

    /** A green that is called otherwise is called so in everything that was kept. */
    protected static function booted(): void
    {
        self::updated(static fn(self $green) => Bench::evidenceChanged($green->bench_id));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['surface' => Surface::class, 'grass' => Grass::class, 'is_simulated' => 'boolean'];
    }
}
