<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Units\Length;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;

/**
 * A person with an account; every record belongs to one.
 *
 * @property string $id
 * @property string $name
 * @property string $email
 * @property string $unit
 * @property float|null $pace_length_m
 */
final class Coach extends User
{
    use HasUlids;

    /** Stands in until the coach's own pace is measured, metres. */
    private const USUAL_PACE = 0.76;

    protected $fillable = ['name', 'email', 'password', 'unit', 'pace_length_m'];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, mixed> */
    protected $attributes = ['unit' => 'feet'];

    /** Give this coach's pace, or the usual one while it is not measured. */
    public function pace(): Length
    {
        return Length::ofMetres($this->pace_length_m ?? self::USUAL_PACE);
    }

    /** Give the metres in one of the units this coach says lengths in. */
    public function unitMetres(): float
    {
        return match ($this->unit) {
            'metres' => 1.0,
            'paces' => $this->pace()->metres(),
            default => Length::METRES_PER_FOOT,
        };
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class);
    }

    /** @return HasMany<Green, $this> */
    public function greens(): HasMany
    {
        return $this->hasMany(Green::class);
    }

    /** @return HasMany<SavedDrill, $this> */
    public function drills(): HasMany
    {
        return $this->hasMany(SavedDrill::class);
    }

    /** @return HasMany<PracticeSession, $this> */
    public function practiceSessions(): HasMany
    {
        return $this->hasMany(PracticeSession::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'pace_length_m' => 'float'];
    }
}
