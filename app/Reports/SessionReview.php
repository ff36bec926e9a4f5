<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Check\Kind\ShoePosition;
use Amble\Core\Distance\StudentToday;
use Amble\Core\Evidence\FirstAttempts;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\Surface;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Insights;
use Amble\Core\Insight\Rules;
use Amble\Core\Insight\SessionReport;
use Amble\Core\Review\BackstrokeTable;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\DayReport;
use Amble\Core\Review\MeasureCount;
use Amble\Core\Review\StrokeReport;
use Amble\Core\Review\TableLength;
use Amble\Core\Session\DismissedInsight;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\DismissedInsightRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;

/** Gathers what the core needs to look back on a session. */
final class SessionReview
{
    /** Whoever rolled on the green so long before tells of the same day. */
    private const SAME_DAY_HOURS = 14;

    /** Habits are told from so many of the latest balls: older ones tell of an older stroke. */
    private const LATELY = 120;

    /** Breaks across the path are looked for in so many. */
    private const PATH = 1500;

    public function __construct(
        private readonly BallRepository $evidence,
        private readonly StudentBalls $students,
        private readonly GreenSpeeds $speeds,
        private readonly StrokeLines $lines,
        private readonly RoundStatistics $play,
    ) {}

    /** @param Length|null $inside three putts from inside this should not come; null while the coach has set none */
    public function look(PracticeSession $session, Student $student, ?Length $inside = null): SessionReport
    {
        $surface = $session->green?->surface;
        $asked = $this->students->on($student, $surface);
        $stroke = $this->stroke($asked, $session, $student);
        [$standing, $method] = $this->standing($session);
        $speed = $standing?->reading->speed;
        // Balls rolled at home are in no figure of the student, and in the report of their own session.
        $todays = $session->is_home
            ? $this->evidence->ofStudentIn($student, $session)
            : $asked->inSessions([$session->id])->balls();
        $until = self::milliseconds($session->ended_at ?? CarbonImmutable::now());
        $own = DayReport::student($this->evidence->latestAtTargets($student, $until), $surface, $session->id);
        [$othersDays, $othersStrokes] = $this->others($session, $student, $until);
        $day = $own->n === 0 ? null : DayReport::of([$own, ...$othersDays]);
        $tries = FirstAttempts::of($todays, $surface);
        $path = (new BallFilter(to: $until))->of($asked)->latestSessions(self::PATH);
        $facts = new InsightFacts(
            fit: $stroke->fit,
            method: $method,
            reading: $standing,
            strokeToday: $stroke->today,
            today: $day,
            ballsToday: $own->n,
            leftOut: $stroke->leftOut,
            school: $student->school,
            tries: $tries,
            lately: $path->with($path->latest(self::LATELY)),
            session: $path->with($todays),
            path: $path,
            changeMarkers: BallReport::changeMarkers($path),
            cure: $student->line_cure,
            play: $this->play->lookOf($student, $inside),
            complaint: $student->inWork()->about,
            markTo: $student->facts()->markTo,
            level: $student->level,
            strokesOfOthers: $othersStrokes,
            hasHistory: $own->usual !== null,
        );

        return new SessionReport(
            stroke: $stroke,
            table: $speed === null
                ? null
                : BackstrokeTable::of(
                    $stroke->fit,
                    $speed,
                    $standing->relativeError(),
                    self::asked($session, $student),
                    $student->unit,
                ),
            standing: $standing,
            method: $method,
            day: $day,
            dayBalls: $own->n,
            counts: MeasureCount::all($todays, $surface),
            // A baseline is watched, and nothing is said to it.
            notes: $session->isBaseline()
                ? []
                : Insights::of(Rules::all(), $facts, self::dismissedInsights($session, $student), $student->exception),
            tries: $tries,
            shoePlaces: $speed === null ? [] : ShoePosition::places($path->checked, $speed),
        );
    }

    /**
     * The same line told for another green, or one length more: costs the table alone, as long as nothing new was
     * rolled. Lengths are in the student's own unit.
     *
     * @param GreenSpeed|null $speed null for the one that stands; without one there is no answer
     */
    public function whatIf(
        PracticeSession $session,
        Student $student,
        ?GreenSpeed $speed,
        ?Length $length,
    ): ?BackstrokeTable {
        $standing = $speed === null ? $this->standing($session)[0] : null;
        $told = $speed ?? $standing?->reading->speed;
        if ($told === null) {
            return null;
        }
        $fit = $this->lines->of($student, $session->green?->surface);

        $more = $length === null ? [] : [[$length, Grade::level()]];

        return BackstrokeTable::of(
            $fit,
            $told,
            $standing?->relativeError() ?? 0.0,
            self::asked($session, $student, $more),
            $student->unit,
        );
    }

    /** Fit all of a student's balls, and keep the line for "what if" questions. */
    private function stroke(BallSelection $asked, PracticeSession $session, Student $student): StrokeReport
    {
        $surface = $asked->surface;
        $stroke = StrokeReport::of($asked, $session->id, $this->lines->prior($student, $surface));
        $this->lines->keep($student, $surface, $stroke->fit);

        return $stroke;
    }

    /** @return array{MeasurementInForce|null, MeasurementMethod} */
    private function standing(PracticeSession $session): array
    {
        $stands = $this->speeds->ofSession($session);

        return [$stands->standing, $stands->reading->method ?? MeasurementMethod::Unknown];
    }

    /**
     * @return array{list<StudentToday>, list<SessionOffset>} first balls at targets, and backstrokes against their own
     *     line, of the others on this green
     */
    private function others(PracticeSession $session, Student $student, int $until): array
    {
        if ($session->green === null) {
            return [[], []];
        }
        $surface = $session->green->surface;
        $since = self::milliseconds($session->started_at->subHours(self::SAME_DAY_HOURS));
        $days = $strokes = [];
        foreach ($this->evidence->othersOn($session->green, $student, $since, $until) as $other) {
            // Whoever rolls by now changes nothing of what another's balls say.
            $key = CacheKey::of(
                'day of another',
                $other->workspace_id,
                [$other],
                [$surface->value, $session->ended_at === null ? null : $until],
                $this->students->version($other),
            );
            [$day, $stroke] = Cache::remember(
                $key,
                CarbonImmutable::now()->addHours(self::SAME_DAY_HOURS),
                fn(): array => $this->other($other, $surface, $until),
            );
            $days[] = $day;
            $strokes[] = $stroke;
        }

        return [array_values(array_filter($days)), array_values(array_filter($strokes))];
    }

    /** @return array{StudentToday|null, SessionOffset|null} of the last session with balls of another student */
    private function other(Student $student, ?Surface $surface, int $until): array
    {
        $balls = $this->evidence->latestUntil($student, $until);
        $last = $balls[count($balls) - 1] ?? null;

        return $last === null
            ? [null, null]
            : [
                DayReport::student($balls, $surface, $last->sessionId),
                StrokeReport::offsetOf($balls, $surface, $last->sessionId),
            ];
    }

    /**
     * What this student's coach put away: with its evidence until that changes, without only in its session.
     *
     * @return list<DismissedInsight>
     */
    private static function dismissedInsights(PracticeSession $session, Student $student): array
    {
        /** @var Collection<int, DismissedInsightRecord> $rows */
        $rows = DismissedInsightRecord::query()->where('student_id', $student->id)->orderBy('id')->get();
        $aside = [];
        foreach ($rows as $row) {
            if ($row->evidence !== null || $row->practice_session_id === $session->id) {
                $aside[] = $row->insight();
            }
        }

        return $aside;
    }

    /**
     * @param list<array{Length, Grade}> $more told besides
     *
     * @return list<TableLength>
     */
    private static function asked(PracticeSession $session, Student $student, array $more = []): array
    {
        return TableLength::of(
            [
                ...$more,
                ...array_map(
                    static fn(array $station): array => [
                        Length::ofMetres($station['length_m']),
                        Grade::ofPercent($station['grade_percent'] ?? 0.0),
                    ],
                    $session->stations,
                ),
            ],
            $student->unit,
        );
    }

    private static function milliseconds(CarbonInterface $at): int
    {
        return (int) $at->getTimestampMs();
    }
}
