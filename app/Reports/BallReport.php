<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Review\BallCounts;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Review\Measure\ImpliedSlope;
use Amble\Core\Review\MeasureComparison;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\ReviewQuestion;
use Amble\Core\Review\Trend;
use Amble\Core\Review\Visit;
use Amble\Core\Session\Condition;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Support\Collection;

/** Gathers the balls for the questions of a session, of a student, over time and side by side. */
final class BallReport
{
    /** Slopes nearer to each other than this are the same, per cent. */
    private const OTHER_SLOPE = 0.2;

    public function __construct(
        private readonly BallRepository $evidence,
        private readonly CheckHistory $checks,
        private readonly StudentBalls $students,
    ) {}

    public function ofSession(PracticeSession $session, Student $student, BallFilter $filter): MeasureReport
    {
        return MeasureReport::of(
            $this->asked($student, $this->evidence->ofStudentIn($student, $session), $session->green?->surface),
            $filter,
        );
    }

    /**
     * @return list<array{station_id: string, across_percent: float, n: int}> slopes that the misses ask for, other than
     *     the stations say
     */
    public function slopes(PracticeSession $session, Student $student): array
    {
        $slopes = [];
        foreach (
            ImpliedSlope::stationSlopes(
                $this->asked($student, $this->evidence->ofStudentIn($student, $session), $session->green?->surface),
            )
            as $place
        ) {
            foreach ($session->stations as $station) {
                $isThere =
                    abs((float) $station['length_m'] - $place->length) < 0.005 &&
                    abs((float) $station['grade_percent'] - $place->along) < 0.05 &&
                    abs((float) $station['across_percent'] - $place->card) < 0.05;
                if ($isThere && $place->across !== null && abs($place->across - $place->card) >= self::OTHER_SLOPE) {
                    $slopes[] = [
                        'station_id' => $station['id'],
                        'across_percent' => round($place->across, 1),
                        'n' => $place->n,
                    ];
                }
            }
        }

        return $slopes;
    }

    /**
     * @return array{MeasureReport, Surface|null, list<Surface>} with the surface it is told of, and those there are
     *     balls of
     */
    public function ofStudent(Student $student, ?Surface $surface, BallFilter $filter): array
    {
        [$asked, $surfaces] = $this->students->ofStudent($student, $surface);

        return [MeasureReport::of($asked, $filter), $asked->surface, $surfaces];
    }

    /**
     * @return array{list<Trend>, list<ChangeMarker>, Surface|null, list<Surface>, string|null} with the surface it is
     *     told of, those
     * there are balls of, and the last session with some
     */
    public function course(Student $student, ?Surface $surface, BallFilter $filter, int $sessionsForTrend): array
    {
        [$asked, $surfaces] = $this->students->ofStudent($student, $surface);
        $picked = $filter->of($asked)->plain();
        $lines = [];
        foreach (ReviewQuestion::drawn() as $key => $measure) {
            $lines[] = Trend::of($key, $measure, $picked, $sessionsForTrend);
        }

        return [
            array_values(array_filter($lines)),
            self::changeMarkers($asked),
            $asked->surface,
            $surfaces,
            array_key_last($asked->sessionStarts()),
        ];
    }

    /**
     * @param list<Student> $others
     * @param BallFilter|null $then another time of the first one
     *
     * @return array{list<string>, list<int>, list<MeasureComparison>} names, balls of each, and the rows
     */
    public function beside(
        Student $student,
        array $others,
        ?Surface $surface,
        BallFilter $filter,
        ?BallFilter $then,
    ): array {
        $own = $this->all($student, $surface);
        $names = [$student->name];
        $asked = [$filter->of($own)->plain()];
        if ($then !== null) {
            $names = ['Now', 'Before'];
            $asked[] = $then->of($own)->plain();
        }
        foreach ($others as $other) {
            $names[] = $other->name;
            $asked[] = $filter->of($this->all($other, $own->surface))->plain();
        }

        return [
            $names,
            array_map(static fn(BallSelection $one): int => $one->count(), $asked),
            MeasureComparison::of($asked),
        ];
    }

    /** Everything of a student on one kind of surface: the one asked for, or else the one rolled on last. */
    public function all(Student $student, ?Surface $surface = null): BallSelection
    {
        return $this->students->ofStudent($student, $surface)[0];
    }

    /** @param list<RolledBall> $balls */
    public function asked(Student $student, array $balls, ?Surface $surface): BallSelection
    {
        return new BallSelection(
            $balls,
            $surface,
            $student->finish_past_m,
            $student->hand,
            checked: $this->checks->checked($student),
        );
    }

    /** @return list<ChangeMarker> breaks across the path these balls were rolled on, oldest first */
    public static function changeMarkers(BallSelection $asked): array
    {
        return ChangeMarker::all(self::visits($asked));
    }

    /** @return list<Visit> oldest first */
    private static function visits(BallSelection $asked): array
    {
        $sessions = $asked->bySession();
        /** @var Collection<string, PracticeSession> $rows */
        $rows = PracticeSession::withTrashed()->with('green')->whereKey(array_keys($sessions))->get()->keyBy('id');
        $visits = [];
        $starts = $asked->sessionStarts();
        foreach ($sessions as $id => $some) {
            $session = $rows->get($id);
            $counts = BallCounts::of($some);
            $visits[] = new Visit(
                $id,
                $starts[$id],
                $session?->green?->name,
                array_values(array_filter(array_map(Condition::tryFrom(...), $session->conditions ?? []))),
                array_map(strval(...), array_keys($counts->putters)),
                array_keys($counts->tempos),
            );
        }

        return $visits;
    }
}
