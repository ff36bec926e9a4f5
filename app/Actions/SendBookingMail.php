<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\BookingMail;
use App\Models\BookingMessage;
use App\Models\MessageState;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Mail;

/** Sends a letter about a booking; whether it went is told with the booking. */
final class SendBookingMail implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @var list<int> seconds until each next try */
    public array $backoff = [30, 120, 600, 3600];

    public function __construct(private readonly string $letterId) {}

    public function handle(): void
    {
        $letter = BookingMessage::query()->with('booking.student', 'booking.green', 'coach')->find($this->letterId);
        // Deleted meanwhile, the booking or whoever comes: nobody is written to.
        if ($letter?->booking === null || $letter->coach === null) {
            return;
        }
        $offered = $letter->offered === null ? null : CarbonImmutable::parse($letter->offered, $letter->booking->zone);
        Mail::to($letter->to)->send(new BookingMail($letter->booking, $letter->coach->name, $offered));
        $letter->update(['state' => MessageState::Sent]);
    }

    public function failed(): void
    {
        BookingMessage::query()
            ->whereKey($this->letterId)
            ->update(['state' => MessageState::Failed]);
    }
}
