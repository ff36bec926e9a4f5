<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A letter about a booking, and what became of it.
 *
 * @property string $id
 * @property string $workspace_id
 * @property string $coach_id who writes
 * @property string $booking_id
 * @property string $to e-mail address
 * @property string|null $offered a time that has become free, by the booking's clock: "2026-12-03 10:00"
 * @property MessageState $state
 * @property CarbonImmutable $updated_at
 * @property-read Booking|null $booking
 * @property-read Coach|null $coach
 */
final class BookingMessage extends Model
{
    use HasUlids;

    protected $table = 'letters';

    protected $fillable = ['workspace_id', 'coach_id', 'booking_id', 'to', 'offered', 'state'];

    /** @return BelongsTo<Booking, $this> */
    public function booking(): BelongsTo
    {
        return $this->belongsTo(Booking::class);
    }

    /** @return BelongsTo<Coach, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(Coach::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => MessageState::class, 'updated_at' => 'immutable_datetime'];
    }
}
