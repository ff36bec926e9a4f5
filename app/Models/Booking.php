<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Exception\InvalidInput;
use App\Calendar\Series;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Str;

/**
 * Who comes when and where: once, or again and again; without a time it waits for one.
 *
 * @property string|null $student_id
 * @property string|null $green_id
 * @property string $uid in calendars
 * @property string|null $title where it is no student's
 * @property string|null $starts as the clock on the wall says it, "2026-12-03 10:00"; null while it waits for a time
 * @property string $zone of that clock
 * @property int $minutes
 * @property int $travel_minutes to get there from another place
 * @property string|null $rule of recurrence (RFC 5545): "FREQ=WEEKLY;COUNT=6"
 * @property string|null $last_at when the last of it may begin, likewise; null for a series without end
 * @property list<string> $skipped times of it that fall out, likewise
 * @property string|null $note
 * @property CarbonImmutable $updated_at
 * @property-read Student|null $student
 * @property-read Green|null $green
 * @property-read BookingMessage|null $lastLetter
 */
final class Booking extends WorkspaceModel
{
    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'student_id',
        'green_id',
        'uid',
        'title',
        'starts',
        'zone',
        'minutes',
        'travel_minutes',
        'rule',
        'skipped',
        'note',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['skipped' => '[]', 'travel_minutes' => 0];

    protected static function booted(): void
    {
        self::creating(static function (self $booking): void {
            $booking->uid ??= Str::ulid() . '@amble.invalid';
        });
        self::saving(static function (self $booking): void {
            if ($booking->isDirty('starts', 'zone', 'rule')) {
                $booking->last_at = $booking->lastTime();
            }
        });
    }

    /**
     * When the last of it may begin, by its rule; null for a series without end, and while it waits for a time.
     *
     * @throws InvalidInput If its rule cannot be followed.
     */
    public function lastTime(): ?string
    {
        return $this->starts === null ? null : Series::lastAt($this->starts, $this->zone, $this->rule);
    }

    /**
     * Its times in a stretch.
     *
     * @return list<\DateTimeImmutable> in its zone, in order
     *
     * @throws InvalidInput If its rule cannot be followed.
     */
    public function between(CarbonImmutable $from, CarbonImmutable $to): array
    {
        return $this->starts === null
            ? []
            : Series::of($this->starts, $this->zone, $this->rule, $this->last_at)->between(
                $from,
                $to,
                $this->minutes,
                $this->skipped,
            );
    }

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsToEvenGone(Student::class, 'student_id');
    }

    /** @return BelongsTo<Green, $this> */
    public function green(): BelongsTo
    {
        return $this->belongsToEvenGone(Green::class, 'green_id');
    }

    /**
     * The letter written about it last.
     *
     * @return HasOne<BookingMessage, $this>
     */
    public function lastLetter(): HasOne
    {
        return $this->hasOne(BookingMessage::class)->latestOfMany('id');
    }

    /** What it is called in a calendar. */
    public function summary(): string
    {
        return $this->student->name ?? ($this->title ?? 'A session');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'minutes' => 'integer',
            'travel_minutes' => 'integer',
            'skipped' => 'array',
            'updated_at' => 'immutable_datetime',
        ];
    }
}
