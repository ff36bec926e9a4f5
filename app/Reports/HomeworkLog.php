<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\Verdict;
use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Homework\HomeworkEntryKind;
use Amble\Core\Homework\HomeworkReport;
use App\Models\DrillDefinition;
use App\Models\HomeworkRecord;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What students did and asked at home. */
final class HomeworkLog
{
    /** The latest that are told. */
    private const LATEST = 60;

    /** More in one day nobody does: a link in wrong hands fills no workspace. */
    private const A_DAY = 60;

    /** @return list<HomeworkRecord> oldest first */
    public function of(Student $student): array
    {
        /** @var Collection<int, HomeworkRecord> $latest */
        $latest = HomeworkRecord::query()
            ->where('student_id', $student->id)
            ->orderByDesc('at_ms')
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get();

        $entries = [...$latest->all(), ...$this->rolled($student)];
        usort(
            $entries,
            static fn(HomeworkRecord $a, HomeworkRecord $b): int => [$a->at_ms, $a->id] <=> [$b->at_ms, $b->id],
        );

        return array_slice($entries, -self::LATEST);
    }

    /**
     * Drills that were rolled at home ball by ball, as if they had been counted: those that judge a ball.
     *
     * @return list<HomeworkRecord> kept nowhere else than in their log
     */
    private function rolled(Student $student): array
    {
        $runs = DB::table('balls')
            ->join('practice_sessions', 'practice_sessions.id', '=', 'balls.practice_session_id')
            ->join('drill_runs', 'drill_runs.id', '=', 'balls.run_id')
            ->where('practice_sessions.student_id', $student->id)
            ->where('practice_sessions.is_home', true)
            ->whereIn('balls.verdict', [Verdict::Passed->value, Verdict::Missed->value])
            ->groupBy('balls.run_id', 'balls.practice_session_id', 'drill_runs.definition')
            ->orderByRaw('max(balls.at_ms) desc')
            ->limit(self::LATEST)
            ->selectRaw(
                'balls.run_id, balls.practice_session_id, drill_runs.definition, max(balls.at_ms) as at_ms, count(*) as balls, sum(case when balls.verdict = ? then 1 else 0 end) as passes',
                [Verdict::Passed->value],
            )
            ->get();

        return array_values(
            $runs
                ->map(
                    static fn(\stdClass $run): HomeworkRecord => (new HomeworkRecord())->forceFill([
                        'id' => $run->run_id,
                        'student_id' => $student->id,
                        'kind' => HomeworkEntryKind::Done->value,
                        'at_ms' => (int) $run->at_ms,
                        'balls' => (int) $run->balls,
                        'passes' => (int) $run->passes,
                        'text' => DrillDefinition::card(DrillDefinition::fromStored((string) $run->definition))->name,
                        'session_id' => $run->practice_session_id,
                    ]),
                )
                ->all(),
        );
    }

    /** @return list<HomeworkEntry> the same, as the core reads them */
    public function entries(Student $student): array
    {
        return array_map(static fn(HomeworkRecord $row): HomeworkEntry => $row->entry(), $this->of($student));
    }

    /** @param int $since Unix milliseconds */
    public function look(Student $student, int $since): HomeworkReport
    {
        return HomeworkReport::of(
            array_values(
                array_filter(
                    $this->entries($student),
                    static fn(HomeworkEntry $entry): bool => $entry->atMilliseconds >= $since,
                ),
            ),
        );
    }

    /**
     * Keep an entry under the client's id; the same id again changes nothing. What a student notes has a limit of its
     * own, and what the coach answers none.
     *
     * @throws ValidationException If the student noted too much that day.
     */
    public function keep(Student $student, string $id, string $coachId, HomeworkEntry $entry): HomeworkRecord
    {
        // No later than now: a clock that runs ahead would stand last for ever.
        $at = (int) min($entry->atMilliseconds, CarbonImmutable::now()->getTimestampMs());
        if ($entry->kind !== HomeworkEntryKind::Answer && $this->notedToday($student) >= self::A_DAY) {
            throw ValidationException::withMessages(['kind' => 'That is enough for one day: nothing more was saved.']);
        }

        $kept = HomeworkRecord::once(
            $id,
            $student->workspace_id,
            static fn(): HomeworkRecord => HomeworkRecord::query()->create([
                'id' => $id,
                'workspace_id' => $student->workspace_id,
                'coach_id' => $coachId,
                'student_id' => $student->id,
                'kind' => $entry->kind->value,
                'at_ms' => $at,
                'balls' => $entry->balls,
                'passes' => $entry->passes,
                'text' => $entry->text,
            ]),
        );
        // Another student's entry is nobody's business behind this one's link.
        abort_if($kept->student_id !== $student->id, 404);

        return $kept;
    }

    private function notedToday(Student $student): int
    {
        return HomeworkRecord::query()
            ->where('student_id', $student->id)
            ->where('kind', '!=', HomeworkEntryKind::Answer->value)
            ->where('created_at', '>', CarbonImmutable::now()->subDay())
            ->count();
    }

    /** @return array<string, string> questions that nothing answers yet, by student */
    public static function questions(string $workspaceId): array
    {
        $open = [];
        foreach (
            HomeworkRecord::query()
                ->toBase()
                ->where('workspace_id', $workspaceId)
                ->whereIn('kind', [HomeworkEntryKind::Question->value, HomeworkEntryKind::Answer->value])
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get(['student_id', 'kind', 'text'])
            as $row
        ) {
            if ($row->kind === HomeworkEntryKind::Question->value) {
                $open[(string) $row->student_id] = (string) $row->text;
            } else {
                unset($open[(string) $row->student_id]);
            }
        }

        return $open;
    }
}
