<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $name
 * @property string $hand
 * @property string $level
 * @property string $unit
 * @property float|null $pace_length_m
 * @property float $target_pace_m
 * @property string|null $putter
 * @property string $school
 * @property int|null $tempo_bpm beats a minute: one back, one to the ball; null until it is known
 */
final class Student extends OwnedRecord
{
    use SoftDeletes;

    protected $fillable = ['id', 'name', 'hand', 'level', 'unit', 'pace_length_m', 'target_pace_m', 'putter', 'school', 'tempo_bpm'];

    /** @return HasMany<PracticeSession, $this> */
    public function practiceSessions(): HasMany
    {
        return $this->hasMany(PracticeSession::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pace_length_m' => 'float', 'target_pace_m' => 'float', 'tempo_bpm' => 'integer'];
    }
}
