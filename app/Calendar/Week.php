<?php

declare(strict_types=1);

namespace App\Calendar;

use Amble\Core\Week\Appointment;
use Amble\Core\Week\Clashes;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** A coach's bookings over some days, and calendars taken in. */
final class Week
{
    /** @return Collection<int, Booking> */
    public static function bookings(Coach $coach): Collection
    {
        return Booking::query()->with('student', 'green')->where('bench_id', $coach->bench_id)->get()->sortBy('id')->values()->toBase();
    }

    /**
     * @return list<array{booking: Booking, at: CarbonImmutable, clashes: list<string>}> in order
     */
    public static function items(Coach $coach, CarbonImmutable $from, CarbonImmutable $to): array
    {
        $bookings = self::bookings($coach)->filter(static fn(Booking $booking): bool => self::mayFallInto($booking, $from, $to));
        $times = CalendarText::times($bookings, $from, $to);
        $items = $appointments = [];
        foreach ($bookings as $booking) {
            foreach ($times[$booking->uid] ?? [] as $at) {
                $id = $booking->uid . ' ' . $at->getTimestamp();
                $items[$id] = ['booking' => $booking, 'at' => $at];
                $appointments[] = new Appointment($id, $booking->summary(), $at->getTimestamp(), $at->addMinutes($booking->minutes)->getTimestamp(), $booking->green?->name, $booking->travel_minutes);
            }
        }
        $clashes = Clashes::of($appointments);
        uasort($items, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return array_map(static fn(array $item, string $id): array => $item + ['clashes' => $clashes[$id] ?? []], $items, array_keys($items));
    }

    /** What cannot fall into a stretch is not unrolled; a day's grace on either side covers every zone. */
    private static function mayFallInto(Booking $booking, CarbonImmutable $from, CarbonImmutable $to): bool
    {
        return $booking->starts !== null && $booking->starts <= $to->addDay()->format('Y-m-d H:i') && ($booking->rule !== null || $booking->starts >= $from->subDays(2)->format('Y-m-d H:i'));
    }

    /**
     * Take events in by their names: new ones are made, changed ones changed, the same ones left as they are.
     *
     * @param list<ToldEvent> $events
     *
     * @return array{new: int, changed: int, same: int}
     */
    public static function take(Coach $coach, array $events, bool $isTrial): array
    {
        $there = Booking::query()->where('bench_id', $coach->bench_id)->whereIn('uid', array_map(static fn(ToldEvent $event): string => $event->uid(), $events))->get()->keyBy('uid');
        $students = Student::query()->where('bench_id', $coach->bench_id)->where('is_simulated', false)->pluck('id', 'name');
        $greens = Green::query()->where('bench_id', $coach->bench_id)->where('is_simulated', false)->pluck('id', 'name');
        $counts = ['new' => 0, 'changed' => 0, 'same' => 0];
        foreach ($events as $event) {
            /** @var Booking|null $booking */
            $booking = $there->get($event->uid());
            $student = $students->get($event->summary);
            $fields = [
                'student_id' => $student, 'green_id' => $event->place === null ? null : $greens->get($event->place), 'title' => $student === null ? $event->summary : null,
                'starts' => $event->starts, 'zone' => $event->zone, 'minutes' => $event->minutes, 'rule' => $event->rule, 'skipped' => $event->skipped, 'note' => $event->note,
            ];
            $made = ($booking ?? new Booking(['bench_id' => $coach->bench_id, 'coach_id' => $coach->id, 'uid' => $event->uid()]))->fill($fields);
            $what = $booking === null ? 'new' : ($made->isDirty() ? 'changed' : 'same');
            ++$counts[$what];
            if (!$isTrial && $what !== 'same') {
                $made->save();
            }
        }

        return $counts;
    }
}
