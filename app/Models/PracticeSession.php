<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * @property string|null $student_id
 * @property string|null $green_id
 * @property int|null $minutes
 * @property string|null $purpose
 * @property list<string> $conditions
 * @property list<array{length_m: float, said: string, grade_percent: float|null}> $stations
 * @property list<string> $set_aside keys of margin notes the coach put away
 * @property string|null $note_for_student
 * @property string|null $note_for_next
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $ended_at
 * @property-read Student|null $student
 * @property-read Green|null $green
 */
final class PracticeSession extends OwnedRecord
{
    protected $fillable = [
        'id', 'student_id', 'green_id', 'minutes', 'purpose', 'conditions', 'stations', 'set_aside',
        'note_for_student', 'note_for_next', 'started_at', 'ended_at',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['conditions' => '[]', 'stations' => '[]', 'set_aside' => '[]'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        $of = $this->belongsTo(Student::class);
        // A record taken off the bench still belongs to what was done with it.
        $of->withoutGlobalScope(SoftDeletingScope::class);

        return $of;
    }

    /** @return BelongsTo<Green, $this> */
    public function green(): BelongsTo
    {
        $of = $this->belongsTo(Green::class);
        // A record taken off the bench still belongs to what was done with it.
        $of->withoutGlobalScope(SoftDeletingScope::class);

        return $of;
    }

    /** @return HasMany<PracticeRun, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(PracticeRun::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'conditions' => 'array',
            'stations' => 'array',
            'set_aside' => 'array',
            'started_at' => 'immutable_datetime',
            'ended_at' => 'immutable_datetime',
        ];
    }
}
