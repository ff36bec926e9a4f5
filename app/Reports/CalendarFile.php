<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Exception\InvalidInput;
use App\Calendar\CalendarEvent;
use App\Models\Booking;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/** Bookings as a calendar (iCalendar, RFC 5545) and back; recurrence and the change of the clocks are the library's. */
final class CalendarFile
{
    private const PRODUCT = '-//Amble//Amble//EN';
    private const LONGEST = 1_000_000;
    private const MOST = 2_000;

    /** Rules of one calendar are looked through for at most this long, nanoseconds; what is left is refused. */
    private const LONGEST_NS = 10_000_000_000;

    /** @param iterable<Booking> $bookings those without a time are left out: a calendar has no place for them */
    public static function of(iterable $bookings): VCalendar
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'CALSCALE' => 'GREGORIAN']);
        foreach ($bookings as $booking) {
            if ($booking->starts === null) {
                continue;
            }
            $starts = self::local($booking->starts, $booking->zone);
            $event = $calendar->createComponent(
                'VEVENT',
                [
                    'UID' => $booking->uid,
                    'DTSTAMP' => $booking->updated_at->toDateTimeImmutable()->setTimezone(new \DateTimeZone('UTC')),
                    'SUMMARY' => $booking->summary(),
                    'DTSTART' => $starts,
                    'DURATION' => "PT{$booking->minutes}M",
                ] +
                    array_filter([
                        'LOCATION' => $booking->green?->name,
                        'DESCRIPTION' => $booking->note,
                        'RRULE' => $booking->rule,
                    ]),
            );
            foreach ($booking->skipped as $skipped) {
                $event->add('EXDATE', self::local($skipped, $booking->zone));
            }
            $calendar->add($event);
        }

        return $calendar;
    }

    /**
     * What a calendar from elsewhere says, event by event.
     *
     * @return array{list<CalendarEvent>, list<array{event: string, reason: string}>} with those that cannot be used,
     *     and why
     *
     * @throws InvalidInput If it is no calendar at all.
     */
    public static function read(string $text, string $zone): array
    {
        if (strlen($text) > self::LONGEST || !mb_check_encoding($text, 'UTF-8')) {
            throw InvalidInput::at('text', 'This is not a calendar file: it is too long, or not text.');
        }

        try {
            $calendar = Reader::read($text, Reader::OPTION_FORGIVING);
        } catch (ParseException | \ValueError | \TypeError) {
            throw InvalidInput::at('text', 'This is not a calendar file: it cannot be read as iCalendar.');
        }
        if (!($calendar instanceof VCalendar)) {
            throw InvalidInput::at('text', 'This is not a calendar file: it holds something else.');
        }
        $events = $calendar->select('VEVENT');
        if (count($events) > self::MOST) {
            throw InvalidInput::at('text', sprintf('At most %d events can be imported at once.', self::MOST));
        }
        $told = $refused = $changed = [];
        $endsAtNs = hrtime(true) + self::LONGEST_NS;
        foreach ($events as $event) {
            assert($event instanceof VEvent);

            try {
                if (hrtime(true) > $endsAtNs) {
                    throw InvalidInput::at(
                        'event',
                        'The rules of this calendar take too long to work out; import it in parts.',
                    );
                }
                $one = CalendarEvent::read($event, $zone);
                if ($one->standsFor !== null) {
                    $changed[$one->series][] = [$one->standsFor, $one];
                } elseif ($one->isOff) {
                    throw InvalidInput::at('event', 'It was cancelled.');
                } else {
                    $told[$one->uid()] = $one;
                }
            } catch (\Exception $error) {
                $refused[] = [
                    'event' => mb_substr(
                        trim((string) ($event->SUMMARY ?? ($event->UID ?? 'An event without a name'))),
                        0,
                        80,
                    ),
                    'reason' =>
                        $error instanceof InvalidInput ? $error->getMessage() : 'Its time or its rule cannot be read.',
                ];
            }
        }

        foreach ($changed as $uid => $changes) {
            $series = $told[$uid] ?? null;
            $ones = array_column($changes, 1);
            if ($series === null) {
                array_push(
                    $refused,
                    ...array_map(
                        static fn(CalendarEvent $one): array => [
                            'event' => mb_substr($one->summary, 0, 80),
                            'reason' => 'It changes one day of an event that is not in this calendar.',
                        ],
                        $ones,
                    ),
                );
                continue;
            }
            $told[$uid] = $series->without(array_column($changes, 0));
            foreach (array_filter($ones, static fn(CalendarEvent $one): bool => !$one->isOff) as $one) {
                $told[$one->uid()] = $one;
            }
        }

        return [array_values($told), $refused];
    }

    /** @param string $wall "2026-12-03 10:00" */
    public static function local(string $wall, string $zone): \DateTimeImmutable
    {
        return new \DateTimeImmutable($wall, new \DateTimeZone($zone));
    }
}
