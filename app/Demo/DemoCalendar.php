<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\Student;
use Carbon\CarbonImmutable;

/** Who of the clinic comes when: weekly hours, a lift to the sail loft that is too tight, and somebody who waits. */
final class DemoCalendar
{
    private const ZONE = 'UTC';

    /** First name, days from today, clock, minutes, place, way there, times. */
    private const VISITS = [
        ['Ilse', 0, '10:00', 45, 'boathouse', 0, 6],
        ['Sunniva', 0, '16:30', 60, 'loft', 20, 6],
        ['Rafe', 1, '09:00', 30, 'boathouse', 0, 4],
        ['Marguerite', 1, '09:40', 45, 'loft', 20, 4],
        ['Jun', 2, '14:00', 30, 'boathouse', 0, 1],
    ];

    /** @param array<string, Green> $greens by key */
    public static function book(Coach $coach, array $greens, CarbonImmutable $today, DemoUlids $ulids): void
    {
        $own = ['workspace_id' => $coach->workspace_id, 'coach_id' => $coach->id, 'zone' => self::ZONE];
        $students = Student::query()->where('workspace_id', $coach->workspace_id)->get();
        $of = static fn(string $name): ?string => $students->first(
            static fn(Student $student): bool => str_starts_with($student->name, $name),
        )?->id;
        foreach (self::VISITS as [$name, $days, $clock, $minutes, $place, $way, $times]) {
            Booking::query()->create(
                $own + [
                    'id' => $ulids->at($today->subDays(10)),
                    'student_id' => $of($name),
                    'green_id' => ($greens[$place] ?? null)?->id,
                    'starts' => $today->addDays($days)->format('Y-m-d') . " $clock",
                    'minutes' => $minutes,
                    'travel_minutes' => $way,
                    'rule' => $times === 1 ? null : "FREQ=WEEKLY;COUNT=$times",
                ],
            );
        }
        Booking::query()->create(
            $own + [
                'id' => $ulids->at($today->subDays(9)),
                'student_id' => $of('Tobin'),
                'minutes' => 60,
                'note' => 'Mornings, once the frost is off.',
            ],
        );
    }
}
