<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Collection;

/**
 * @property string|null $student_id
 * @property string|null $green_id
 * @property int|null $minutes
 * @property string|null $purpose
 * @property list<string> $conditions as the log has them
 * @property list<array{id: string, length_m: float, said: string, grade_percent: float|null, across_percent: float|null}> $stations as the log has them
 * @property list<string> $set_aside keys of margin notes put away, as the log has them
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
        'id', 'bench_id', 'coach_id', 'student_id', 'green_id', 'minutes', 'purpose',
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

    /** @return Collection<int, \stdClass> the standing balls, in the order they were rolled */
    public function ballRows(): Collection
    {
        return BallRow::query()->toBase()->where('practice_session_id', $this->id)->orderBy('place')->get();
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
