<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Calendar\Appointment;
use Amble\Core\Calendar\Clashes;
use Amble\Core\Exception\InvalidInput;
use App\Calendar\CalendarEvent;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** A coach's bookings over some days, and calendars taken in. */
final class CalendarWeek
{
    /** The series of one answer are looked through for at most this long, nanoseconds; what is left is named. */
    private const LONGEST_NS = 2_000_000_000;

    /** @return Collection<int, Booking> */
    public static function bookings(Coach $coach): Collection
    {
        return Booking::query()
            ->with('student', 'green')
            ->where('workspace_id', $coach->workspace_id)
            ->get()
            ->sortBy('id')
            ->values()
            ->toBase();
    }

    /**
     * What falls into some days, and the bookings whose times cannot be told.
     *
     * @return array{list<array{booking: Booking, at: \DateTimeImmutable, clashes: list<string>}>, list<array{booking: Booking, reason: string}>}
     *     the
     * first in order
     */
    public static function items(Coach $coach, CarbonImmutable $from, CarbonImmutable $to): array
    {
        $items = $starts = $appointments = $unreadable = [];
        $endsAtNs = hrtime(true) + self::LONGEST_NS;
        foreach (self::thatMayFallInto($coach, $from, $to) as $booking) {
            try {
                $times =
                    hrtime(true) < $endsAtNs
                        ? $booking->between($from, $to)
                        : throw InvalidInput::at('rule', 'The series before it took too long to work out.');
            } catch (InvalidInput $error) {
                $unreadable[] = ['booking' => $booking, 'reason' => $error->getMessage()];
                continue;
            }
            [$name, $place, $seconds, $travel] = [
                $booking->summary(),
                $booking->green?->name,
                60 * $booking->minutes,
                $booking->travel_minutes,
            ];
            foreach ($times as $at) {
                $start = $at->getTimestamp();
                $id = "$booking->id $start";
                $items[$id] = ['booking' => $booking, 'at' => $at];
                $starts[$id] = $start;
                $appointments[] = new Appointment($id, $name, $start, $start + $seconds, $place, $travel);
            }
        }
        $clashes = Clashes::of($appointments);
        asort($starts);

        return [
            array_map(
                static fn(string $id): array => $items[$id] + ['clashes' => $clashes[$id] ?? []],
                array_keys($starts),
            ),
            $unreadable,
        ];
    }

    /**
     * What cannot fall into these days is not read; a day more on either side covers every zone, and one before them a
     * long booking.
     *
     * @return Collection<int, Booking>
     */
    private static function thatMayFallInto(Coach $coach, CarbonImmutable $from, CarbonImmutable $to): Collection
    {
        $earliest = $from->subDays(2)->format('Y-m-d H:i');

        return Booking::query()
            ->with('student', 'green', 'lastLetter')
            ->where('workspace_id', $coach->workspace_id)
            ->where('starts', '<=', $to->addDay()->format('Y-m-d H:i'))
            ->where(static fn(Builder $series) => $series->whereNull('last_at')->orWhere('last_at', '>=', $earliest))
            ->get()
            ->sortBy('id')
            ->values()
            ->toBase();
    }

    /**
     * Take events in by their names: new ones are made, changed ones changed, the same ones left as they are.
     *
     * @param list<CalendarEvent> $events
     *
     * @return array{new: int, changed: int, same: int}
     */
    public static function take(Coach $coach, array $events, bool $isTrial): array
    {
        $there = Booking::query()
            ->where('workspace_id', $coach->workspace_id)
            ->whereIn('uid', array_map(static fn(CalendarEvent $event): string => $event->uid(), $events))
            ->get()
            ->keyBy('uid');
        $students = Student::query()
            ->where('workspace_id', $coach->workspace_id)
            ->where('is_simulated', false)
            ->pluck('id', 'name');
        $greens = Green::query()
            ->where('workspace_id', $coach->workspace_id)
            ->where('is_simulated', false)
            ->pluck('id', 'name');
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0];
        foreach ($events as $event) {
            /** @var Booking|null $booking */
            $booking = $there->get($event->uid());
            $student = $students->get($event->summary);
            $fields = [
                'student_id' => $student,
                'green_id' => $event->place === null ? null : $greens->get($event->place),
                'title' => $student === null ? $event->summary : null,
                'starts' => $event->starts,
                'zone' => $event->zone,
                'minutes' => $event->minutes,
                'rule' => $event->rule,
                'skipped' => $event->skipped,
                'note' => $event->note,
            ];
            $made = (
                $booking ??
                new Booking(['workspace_id' => $coach->workspace_id, 'coach_id' => $coach->id, 'uid' => $event->uid()])
            )->fill($fields);
            $what = $booking === null ? 'new' : ($made->isDirty() ? 'changed' : 'same');
            ++$counts[$what];
            if (!$isTrial && $what !== 'same') {
                $made->save();
            }
        }

        return $counts;
    }
}
