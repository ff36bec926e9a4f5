<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Home\Entry;
use Amble\Core\Home\EntryKind;
use Amble\Core\Home\HomeLook;
use App\Models\HomeEntry;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** What students did and asked at home. */
final class HomeWork
{
    /** The latest that are told. */
    private const LATEST = 60;

    /** More in one day nobody does: a link in wrong hands fills no bench. */
    private const A_DAY = 60;

    /** @return list<HomeEntry> oldest first */
    public function of(Student $student): array
    {
        /** @var Collection<int, HomeEntry> $latest */
        $latest = HomeEntry::query()->where('student_id', $student->id)->orderByDesc('at_ms')->orderByDesc('id')->limit(self::LATEST)->get();

        return array_values($latest->reverse()->all());
    }

    /** @param int $since Unix milliseconds */
    public function look(Student $student, int $since): HomeLook
    {
        return HomeLook::of(array_map(static fn(HomeEntry $row): Entry => $row->entry(), array_values(array_filter($this->of($student), static fn(HomeEntry $row): bool => $row->at_ms >= $since))));
    }

    /**
     * Keep an entry under the client's id; the same id again changes nothing.
     *
     * @throws ValidationException If there were too many of that day.
     */
    public function keep(Student $student, string $id, string $coachId, Entry $entry): HomeEntry
    {
        // No later than now: a clock that runs ahead would stand last for ever.
        $at = (int) min($entry->atMilliseconds, CarbonImmutable::now()->getTimestampMs());
        if (HomeEntry::query()->where('student_id', $student->id)->where('created_at', '>', CarbonImmutable::now()->subDay())->count() >= self::A_DAY) {
            throw ValidationException::withMessages(['kind' => 'That is enough for one day: nothing more was kept.']);
        }

        return HomeEntry::once($id, $student->bench_id, static fn(): HomeEntry => HomeEntry::query()->create([
            'id' => $id, 'bench_id' => $student->bench_id, 'coach_id' => $coachId, 'student_id' => $student->id,
            'kind' => $entry->kind->value, 'at_ms' => $at, 'balls' => $entry->balls, 'passes' => $entry->passes, 'text' => $entry->text,
        ]));
    }

    /** @return array<string, string> questions that nothing answers yet, by student */
    public static function questions(string $benchId): array
    {
        $open = [];
        foreach (HomeEntry::query()->toBase()->where('bench_id', $benchId)->whereIn('kind', [EntryKind::Question->value, EntryKind::Answer->value])->orderBy('at_ms')->orderBy('id')->get(['student_id', 'kind', 'text']) as $row) {
            if ($row->kind === EntryKind::Question->value) {
                $open[(string) $row->student_id] = (string) $row->text;
            } else {
                unset($open[(string) $row->student_id]);
            }
        }

        return $open;
    }
}
