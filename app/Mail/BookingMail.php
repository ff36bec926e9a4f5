<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Booking;
use App\Reports\CalendarFile;
use Carbon\CarbonImmutable;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Attachment;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/**
 * When and where somebody is to come, with the time for their calendar; or that they wait for one, and which is
 * offered.
 */
final class BookingMail extends Mailable
{
    /**
     * @param string $coach who writes
     * @param CarbonImmutable|null $offered a time that has become free; null for none
     */
    public function __construct(
        private readonly Booking $booking,
        private readonly string $coach,
        private readonly ?CarbonImmutable $offered = null,
    ) {}

    public function envelope(): Envelope
    {
        return new Envelope(
            subject: match (true) {
                $this->booking->starts !== null => 'Your lesson',
                $this->offered !== null => 'A time has become free',
                default => 'You are on the waiting list',
            },
        );
    }

    public function content(): Content
    {
        return new Content(text: 'booking', with: ['lines' => $this->lines()]);
    }

    /** @return list<Attachment> */
    public function attachments(): array
    {
        return $this->booking->starts === null
            ? []
            : [
                Attachment::fromData(
                    fn(): string => CalendarFile::of([$this->booking])->serialize(),
                    'session.ics',
                )->withMime('text/calendar'),
            ];
    }

    /** @return list<string> plain text, a paragraph each */
    private function lines(): array
    {
        $booking = $this->booking;
        $where = $booking->green === null ? '' : ", {$booking->green->name}";
        $for = "$booking->minutes minutes$where";
        $told = match (true) {
            $booking->starts !== null => [
                sprintf('%s: %s.', self::at(CarbonImmutable::parse($booking->starts, $booking->zone)), $for),
                ...$booking->rule === null ? [] : ['It repeats; every date is in the attached calendar file.'],
                ...$booking->note === null ? [] : [$booking->note],
            ],
            $this->offered !== null => [sprintf('%s: %s. Reply if you can come.', self::at($this->offered), $for)],
            default => ["You are on the waiting list for $for. I will write to you when a time is free."],
        };

        return ["Dear {$booking->summary()},", ...$told, $this->coach];
    }

    private static function at(CarbonImmutable $time): string
    {
        return $time->format('l j F Y, H:i');
    }
}
