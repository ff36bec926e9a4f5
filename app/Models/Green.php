<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $name
 * @property string $surface
 * @property-read Collection<int, GreenReading> $readings oldest first
 */
final class Green extends OwnedRecord
{
    use SoftDeletes;

    protected $fillable = ['id', 'name', 'surface'];

    /** @return HasMany<GreenReading, $this> */
    public function readings(): HasMany
    {
        $readings = $this->hasMany(GreenReading::class);
        $readings->orderBy('taken_at')->orderBy('id');

        return $readings;
    }
}
