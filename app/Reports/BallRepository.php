<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Direction\DirectionFitter;
use Amble\Core\Distance\DistancePutt;
use Amble\Core\Distance\LengthHabit;
use Amble\Core\Distance\UsualLength;
use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\BallTask;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Verdict;
use Amble\Core\Evidence\ForDistance;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\GreenHistory;
use Amble\Core\Evidence\MeasurementAt;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Review\DayReport;
use Amble\Core\Session\Ball;
use Amble\Core\Session\BallMark;
use Amble\Core\Session\Cause;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\Observations;
use Amble\Core\Session\Remarks;
use Amble\Core\Session\RollContext;
use Amble\Core\Session\SessionPart;
use Amble\Core\Session\Stop;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\BallColumns;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Hands out balls as evidence: from the rows, each with the reading that stood when it was rolled. */
final class BallRepository
{
    /** Where a student's rate of today is asked, skill of long ago tells little, balls. */
    private const LATEST = 400;

    private static ?Remarks $nothingSaid = null;
    private static ?Observations $nothingSeen = null;

    /** @var array<int|string, Grade> by percent */
    private static array $grades = [];

    /** @var array<string, RollContext> by what they say */
    private static array $during = [];

    /** @return list<RolledBall> every ball of a student, oldest first */
    public function ofStudent(Student $student): array
    {
        return $this->rolled($student, $this->rows($student)->orderBy('at_ms')->orderBy('place'));
    }

    /** @return list<RolledBall> those of a student in one session, oldest first */
    public function ofStudentIn(Student $student, PracticeSession $session): array
    {
        return $this->rolled(
            $student,
            DB::table('balls')
                ->where('student_id', $student->id)
                ->where('practice_session_id', $session->id)
                ->orderBy('at_ms')
                ->orderBy('place'),
        );
    }

    /**
     * @param list<string> $sessions ids
     *
     * @return list<RolledBall> those of a student in some sessions, oldest first
     */
    public function ofStudentInSessions(Student $student, array $sessions): array
    {
        return $this->rolled(
            $student,
            $this->rows($student)->whereIn('practice_session_id', $sessions)->orderBy('at_ms')->orderBy('place'),
        );
    }

    /** Where a student's balls usually finished before a session; null while no session before it tells. */
    public function usualLength(Student $student, PracticeSession $session): ?UsualLength
    {
        $balls = $this->latestAtTargets($student, (int) $session->started_at->getTimestampMs() - 1);

        return DayReport::usualOf(
            array_values(array_filter($balls, static fn(RolledBall $ball): bool => $ball->sessionId !== $session->id)),
            $session->green?->surface,
        );
    }

    /**
     * Give what the latest balls say of a student's length and start line, for foretelling.
     *
     * @return array{PassChances, non-negative-int} and the putts at targets it rests on
     */
    public function skill(Student $student, ?Surface $surface): array
    {
        $putts = $this->puttsAtTargets($student, $surface);
        $habit = count($putts) < ForDistance::FEWEST ? null : LengthHabit::of($putts);
        $latest = $this->rows($student)
            ->where(
                static fn(Builder $told): Builder => $told
                    ->whereNotNull('aid')
                    ->orWhere('seen', 'like', '%"start_deg"%'),
            )
            ->orderByDesc('at_ms')
            ->orderByDesc('place')
            ->limit(self::LATEST);
        $line = (new DirectionFitter())->fit((new ForStartLine())->bounds($this->rolled($student, $latest)));

        return [PassChances::found($habit, $line, null), $habit === null ? 0 : count($putts)];
    }

    /** @return list<DistancePutt> the latest on a kind of surface, their errors told from the target itself */
    private function puttsAtTargets(Student $student, ?Surface $surface): array
    {
        $latest = $this->rows($student)
            ->whereNotNull('target_m')
            ->orderByDesc('at_ms')
            ->orderByDesc('place')
            ->limit(self::LATEST);

        return (new ForDistance($surface, isFromTarget: true))->putts($this->rolled($student, $latest));
    }

    /**
     * A student's latest balls at targets until a moment, oldest first: enough to tell what is usual.
     *
     * @return list<RolledBall>
     */
    public function latestAtTargets(Student $student, int $untilMilliseconds): array
    {
        return array_reverse(
            $this->rolled(
                $student,
                $this->rows($student)
                    ->whereNotNull('target_m')
                    ->where('at_ms', '<=', $untilMilliseconds)
                    ->orderByDesc('at_ms')
                    ->orderByDesc('place')
                    ->limit(DayReport::LATEST),
            ),
        );
    }

    /**
     * A student's latest balls until a moment, oldest first: enough for a day and the line before it.
     *
     * @return list<RolledBall>
     */
    public function latestUntil(Student $student, int $untilMilliseconds): array
    {
        return array_reverse(
            $this->rolled(
                $student,
                $this->rows($student)
                    ->where('at_ms', '<=', $untilMilliseconds)
                    ->orderByDesc('at_ms')
                    ->orderByDesc('place')
                    ->limit(self::LATEST),
            ),
        );
    }

    /**
     * Everybody else who rolled on a green between two moments.
     *
     * @return Collection<int, Student>
     */
    public function othersOn(Green $green, Student $but, int $sinceMilliseconds, int $untilMilliseconds): Collection
    {
        $students = DB::table('balls')
            ->where('green_id', $green->id)
            ->whereBetween('at_ms', [$sinceMilliseconds, $untilMilliseconds])
            ->whereNotNull('student_id')
            ->where('student_id', '!=', $but->id)
            ->distinct()
            ->pluck('student_id');
        /** @var Collection<int, Student> $others */
        $others = $students->isEmpty() ? new Collection() : Student::query()->whereKey($students)->orderBy('id')->get();

        return $others;
    }

    /** What a coach saw: balls rolled alone at home, on no green and noted by the student, tell of nothing else. */
    private function rows(Student $student): Builder
    {
        return PracticeSession::ballsSeenOf($student);
    }

    /**
     * The green speed of its day for each of some rows; null where that was not measured or estimated.
     *
     * @param list<\stdClass> $rows with green_id, at_ms and practice_session_id
     *
     * @return list<GreenSpeed|null>
     */
    public function speeds(array $rows): array
    {
        $histories = self::histories($rows);

        return array_map(static function (\stdClass $row) use ($histories): ?GreenSpeed {
            $standing = ($histories[$row->green_id ?? ''] ?? null)?->at((int) $row->at_ms, $row->practice_session_id);

            return $standing?->isOfTheDay === true ? $standing->reading->speed : null;
        }, $rows);
    }

    /** @return list<RolledBall> in the order of the query */
    private function rolled(Student $student, Builder $rows): array
    {
        $rows = array_values($rows->get(BallColumns::evidence())->all());
        $histories = self::histories($rows);
        $balls = [];
        foreach ($rows as $row) {
            $balls[] = self::ball($row, $histories[$row->green_id ?? ''] ?? null, $student->finish_past_m);
        }

        return $balls;
    }

    /**
     * The readings some balls may belong to: those of their time, the last one before it, and those of their sessions.
     *
     * @param list<\stdClass> $rows
     *
     * @return array<string, GreenHistory> by green
     */
    private static function histories(array $rows): array
    {
        $histories = [];
        foreach (self::byGreen($rows) as $green => $its) {
            $times = array_map(intval(...), array_column($its, 'at_ms'));
            $chosen = self::chosen($its);
            $histories[$green] = GreenHistory::of(
                array_map(
                    self::reading(...),
                    self::taken($green, $its, min($times), max($times), array_values($chosen)),
                ),
                $chosen,
            );
        }

        return $histories;
    }

    /**
     * @param list<\stdClass> $rows
     *
     * @return array<string, non-empty-list<\stdClass>> those on a green, by green
     */
    private static function byGreen(array $rows): array
    {
        $rowsOf = [];
        foreach ($rows as $row) {
            if ($row->green_id !== null) {
                $rowsOf[(string) $row->green_id][] = $row;
            }
        }

        return $rowsOf;
    }

    /**
     * @param non-empty-list<\stdClass> $rows
     *
     * @return array<string, string> the reading a coach chose, by session
     */
    private static function chosen(array $rows): array
    {
        $sessions = array_values(array_unique(array_column($rows, 'practice_session_id')));
        /** @var array<string, string> $chosen */
        $chosen = DB::table('practice_sessions')
            ->whereIn('id', $sessions)
            ->whereNotNull('chosen_measurement_id')
            ->pluck('chosen_measurement_id', 'id')
            ->all();

        return $chosen;
    }

    /**
     * @param non-empty-list<\stdClass> $rows on this green
     * @param list<string> $chosen ids of readings that are wanted whenever they were taken
     *
     * @return list<GreenSpeedMeasurement>
     */
    private static function taken(string $green, array $rows, int $from, int $to, array $chosen): array
    {
        $readings = GreenSpeedMeasurement::query()->where('green_id', $green);
        $first = CarbonImmutable::createFromTimestampMsUTC($from);
        $before = $readings->clone()->where('taken_at', '<=', $first)->max('taken_at');
        $sessions = array_values(array_unique(array_column($rows, 'practice_session_id')));

        /** @var Collection<int, GreenSpeedMeasurement> $taken */
        $taken = $readings
            ->where(
                static fn(EloquentBuilder $either) => $either
                    ->whereBetween('taken_at', [$before ?? $first, CarbonImmutable::createFromTimestampMsUTC($to)])
                    ->orWhereIn('practice_session_id', $sessions)
                    ->orWhereIn('id', $chosen),
            )
            ->orderBy('taken_at')
            ->orderBy('id')
            ->get(['id', 'green_id', 'practice_session_id', 'method', 'speed_m', 'standard_error_m', 'taken_at']);

        return array_values($taken->all());
    }

    public static function reading(GreenSpeedMeasurement $reading): MeasurementAt
    {
        return new MeasurementAt(
            (int) $reading->taken_at->getTimestampMs(),
            $reading->practice_session_id,
            $reading->speed(),
            $reading->relativeError(),
            $reading->id,
        );
    }

    private static function ball(\stdClass $row, ?GreenHistory $history, float $finishPast): RolledBall
    {
        $at = (int) $row->at_ms;

        return new RolledBall(
            id: $row->id,
            atMilliseconds: $at,
            sessionId: $row->practice_session_id,
            ball: Ball::seen(
                self::length($row->backstroke_m),
                self::length($row->roll_m),
                Stop::from($row->stop),
                self::length($row->target_m),
                self::grade($row->grade_percent),
                // Thousands of balls have nothing said or seen of them: those share one word for it.
                $row->mark === null && $row->cause === null
                    ? (self::$nothingSaid ??= new Remarks())
                    : new Remarks(BallMark::tryFrom($row->mark ?? ''), Cause::tryFrom($row->cause ?? '')),
                sight: $row->seen === '{}' ? (self::$nothingSeen ??= Observations::nothing()) : self::sight($row->seen),
                runOn: self::length($row->run_on_m),
                across: self::grade($row->across_percent),
            ),
            student: $row->student_id,
            surface: $row->surface === null ? null : Surface::from($row->surface),
            reading: $history?->at($at, $row->practice_session_id),
            putter: $row->putter,
            tempo: $row->tempo_bpm === null ? null : (int) $row->tempo_bpm,
            drill: $row->drill,
            task: $row->task === null ? null : BallTask::from($row->task),
            verdict: $row->verdict === null ? null : Verdict::from($row->verdict),
            word: $row->word === null ? null : LengthCall::from($row->word),
            attempt: max(1, (int) $row->attempt),
            block: max(1, (int) $row->block),
            aid: $row->aid === null ? null : AidKind::from($row->aid),
            aidWidth: $row->aid_width_m === null ? null : (float) $row->aid_width_m,
            aidDistance: $row->aid_distance_m === null ? null : (float) $row->aid_distance_m,
            isAidChecked: (bool) $row->is_aid_checked,
            isAtHole: (bool) $row->is_at_hole,
            during: self::during($row->part, $row->disturbances),
            finishPast: $finishPast,
            isMeasuringStroke: (bool) $row->is_measuring_stroke,
        );
    }

    /** Few stretches are told apart, and thousands of balls rolled in each. */
    private static function during(?string $part, string $disturbances): RollContext
    {
        /** @var list<string> $noted */
        $noted = $disturbances === '[]' ? [] : json_decode($disturbances, true, 2, JSON_THROW_ON_ERROR);

        return self::$during["$part $disturbances"] ??= new RollContext(
            $part === null ? null : SessionPart::from($part),
            array_values(array_filter(array_map(Disturbance::tryFrom(...), $noted))),
        );
    }

    /** Some databases hand out a double as text. */
    private static function length(mixed $metres): ?Length
    {
        return is_numeric($metres) ? Length::ofMetres((float) $metres) : null;
    }

    /** Few slopes are named, and thousands of balls rolled on each. */
    private static function grade(mixed $percent): Grade
    {
        return self::$grades[(string) (is_numeric($percent) ? $percent : 0)] ??= Grade::ofPercent(
            is_numeric($percent) ? (float) $percent : 0.0,
        );
    }

    private static function sight(string $seen): Observations
    {
        /** @var array<string, string|bool|int|float> $answers */
        $answers = json_decode($seen, true, 4, JSON_THROW_ON_ERROR);

        return Observations::answered($answers);
    }
}
