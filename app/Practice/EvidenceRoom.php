<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Task;
use Amble\Core\Drill\Verdict;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\GreenHistory;
use Amble\Core\Evidence\ReadingAt;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\Surface;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Mark;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\Sight;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\Green;
use App\Models\GreenReading;
use App\Models\Student;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Hands out balls as evidence: from the rows, each with the reading that stood when it was rolled. */
final class EvidenceRoom
{
    /** Where a student's rate of today is asked, skill of long ago tells little, balls. */
    private const LATEST = 400;

    /** @return list<RolledBall> every ball of a student, oldest first */
    public function ofStudent(Student $student): array
    {
        return $this->rolled($this->rows($student)->orderBy('at_ms')->orderBy('place'));
    }

    /** Give a student's distance control from the latest balls on a kind of surface; null while they are few. */
    public function distanceControl(Student $student, ?Surface $surface): ?DistanceControl
    {
        $latest = $this->rows($student)->whereNotNull('target_m')->orderByDesc('at_ms')->orderByDesc('place')->limit(self::LATEST);
        $putts = (new ForDistance($surface))->putts($this->rolled($latest));

        return count($putts) < ForDistance::FEWEST ? null : DistanceControl::of($putts);
    }

    /** Give the spread of a student's start line from the latest balls, radians; null where it cannot be told. */
    public function startLineSpread(Student $student): ?float
    {
        $latest = $this->rows($student)->whereNotNull('aid')->orderByDesc('at_ms')->orderByDesc('place')->limit(self::LATEST);

        return (new DirectionFitter())->fit((new ForStartLine())->bounds($this->rolled($latest)))->spread;
    }

    /**
     * Everybody else who rolled on a green of late: their latest balls, oldest first.
     *
     * @return array<string, list<RolledBall>> by student
     */
    public function othersOn(Green $green, Student $but, int $sinceMilliseconds, int $untilMilliseconds): array
    {
        $students = DB::table('balls')->where('green_id', $green->id)->whereBetween('at_ms', [$sinceMilliseconds, $untilMilliseconds])
            ->whereNotNull('student_id')->where('student_id', '!=', $but->id)->whereNotNull('target_m')->distinct()->pluck('student_id');
        $balls = [];
        if ($students->isEmpty()) {
            return [];
        }
        /** @var Collection<int, Student> $others */
        $others = Student::query()->whereKey($students)->orderBy('id')->get();
        foreach ($others as $student) {
            $latest = $this->rows($student)->whereNotNull('target_m')->orderByDesc('at_ms')->orderByDesc('place')->limit(self::LATEST);
            $balls[$student->id] = array_reverse($this->rolled($latest));
        }

        return $balls;
    }

    private function rows(Student $student): Builder
    {
        return DB::table('balls')->where('student_id', $student->id);
    }

    /** @return list<RolledBall> in the order of the query */
    private function rolled(Builder $rows): array
    {
        $rows = $rows->get()->all();
        $histories = $this->histories(array_values(array_unique(array_filter(array_column($rows, 'green_id')))));
        $balls = [];
        foreach ($rows as $row) {
            $balls[] = self::ball($row, $histories[$row->green_id ?? ''] ?? null);
        }

        return $balls;
    }

    /**
     * @param list<string> $greenIds
     *
     * @return array<string, GreenHistory> by green
     */
    private function histories(array $greenIds): array
    {
        if ($greenIds === []) {
            return [];
        }
        $readings = array_fill_keys($greenIds, []);
        /** @var Collection<int, GreenReading> $taken */
        $taken = GreenReading::query()->whereIn('green_id', $greenIds)->orderBy('taken_at')->orderBy('id')->get();
        foreach ($taken as $reading) {
            $readings[$reading->green_id][] = self::reading($reading);
        }

        return array_map(GreenHistory::of(...), $readings);
    }

    public static function reading(GreenReading $reading): ReadingAt
    {
        return new ReadingAt(
            (int) $reading->taken_at->getTimestampMs(),
            $reading->practice_session_id,
            $reading->speed(),
            $reading->relativeError(),
        );
    }

    private static function ball(\stdClass $row, ?GreenHistory $history): RolledBall
    {
        // Some databases hand out a double as text.
        $number = static fn(mixed $value): ?float => is_numeric($value) ? (float) $value : null;
        $length = static fn(mixed $value): ?Length => $value === null ? null : Length::ofMetres((float) $number($value));
        /** @var array<string, string|bool|int|float> $seen */
        $seen = $row->seen === '{}' ? [] : json_decode((string) $row->seen, true, 4, JSON_THROW_ON_ERROR);

        return new RolledBall(
            $row->id,
            (int) $row->at_ms,
            $row->practice_session_id,
            Ball::seen(
                $length($row->backstroke_m),
                $length($row->roll_m),
                Stop::from($row->stop),
                $length($row->target_m),
                Grade::ofPercent((float) $row->grade_percent),
                new Remarks(Mark::tryFrom($row->mark ?? ''), Cause::tryFrom($row->cause ?? '')),
                sight: Sight::answered($seen),
                runOn: $length($row->run_on_m),
                across: Grade::ofPercent((float) $row->across_percent),
            ),
            $row->student_id,
            Surface::tryFrom($row->surface ?? ''),
            $history?->at((int) $row->at_ms, $row->practice_session_id),
            $row->putter,
            $row->tempo_bpm === null ? null : (int) $row->tempo_bpm,
            $row->drill,
            Task::tryFrom($row->task ?? ''),
            Verdict::tryFrom($row->verdict ?? ''),
            LengthCall::tryFrom($row->word ?? ''),
            max(1, (int) $row->attempt),
            max(1, (int) $row->block),
            AidKind::tryFrom($row->aid ?? ''),
            $number($row->aid_width_m),
            $number($row->aid_distance_m),
            (bool) $row->is_aid_checked,
        );
    }
}
