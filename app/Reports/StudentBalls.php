<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\PreparedSession;
use Amble\Core\Review\PreparedSessions;
use App\Database\DatabaseFailure;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * All balls of a student, session by session, in what was prepared of them. A session is prepared anew when anything it
 * rests on has changed: its balls, the measurements of its green, where the student plays to finish past a hole.
 */
final class StudentBalls
{
    /** Rows of one insert. */
    private const AT_ONCE = 50;

    public function __construct(private readonly BallRepository $balls, private readonly CheckHistory $checks) {}

    /**
     * Everything of a student on the surface asked for, or else on the one rolled on last.
     *
     * @return array{BallSelection, list<Surface>} with the surfaces there are balls of, the one rolled on first first
     */
    public function ofStudent(Student $student, ?Surface $surface): array
    {
        $bySurface = $this->bySurface($student);
        $last = ['', 0];
        foreach ($bySurface as $name => $sessions) {
            $last =
                max(array_map(static fn(PreparedSession $session): int => $session->last, $sessions)) >= $last[1]
                    ? [$name, max(array_map(static fn(PreparedSession $session): int => $session->last, $sessions))]
                    : $last;
        }
        $surface ??= Surface::tryFrom($last[0]);

        return [
            $this->selection($student, $surface, $bySurface[$surface->value ?? ''] ?? []),
            array_values(array_filter(array_map(Surface::tryFrom(...), array_keys($bySurface)))),
        ];
    }

    /** Everything of a student on one kind of surface; null for balls on no green. */
    public function on(Student $student, ?Surface $surface): BallSelection
    {
        return $this->selection($student, $surface, $this->bySurface($student)[$surface->value ?? ''] ?? []);
    }

    /** Changes whenever a ball of a student changes, or anything that a figure of their balls rests on. */
    public function version(Student $student): string
    {
        $rows = self::rows($student, []);
        $measured = self::measured($rows);

        return hash(
            'xxh128',
            serialize(
                array_map(
                    static fn(\stdClass $row): string => self::basis(
                        $student,
                        $row,
                        $measured[$row->green_id ?? ''] ?? '',
                    ),
                    $rows,
                ),
            ),
        );
    }

    /** Prepare every session anew, whatever was kept. */
    public function rebuild(Student $student): void
    {
        DB::table('prepared_sessions')->where('student_id', $student->id)->delete();
        $this->bySurface($student);
    }

    /** @param list<PreparedSession> $sessions oldest first */
    private function selection(Student $student, ?Surface $surface, array $sessions): BallSelection
    {
        return new BallSelection(
            [],
            $surface,
            $student->finish_past_m,
            $student->hand,
            checked: $this->checks->checked($student),
            sessions: new PreparedSessions($sessions, $this->reader($student)),
        );
    }

    /** @return \Closure(list<string>): list<RolledBall> that reads the balls of each session once, oldest first */
    private function reader(Student $student): \Closure
    {
        $bySession = [];

        return function (array $ids) use ($student, &$bySession): array {
            $new = array_values(array_diff($ids, array_keys($bySession)));
            $bySession += array_fill_keys($new, []);
            foreach ($new === [] ? [] : $this->balls->ofStudentInSessions($student, $new) as $ball) {
                $bySession[$ball->sessionId][] = $ball;
            }
            $balls = array_merge(...array_map(static fn(string $id): array => $bySession[$id], $ids));
            // Two sessions may run side by side.
            usort($balls, static fn(RolledBall $a, RolledBall $b): int => $a->atMilliseconds <=> $b->atMilliseconds);

            return $balls;
        };
    }

    /** @return array<string, non-empty-list<PreparedSession>> oldest first, by surface, the one rolled on first first */
    private function bySurface(Student $student): array
    {
        $rows = self::rows($student, [
            'prepared_sessions.basis',
            'prepared_sessions.surface',
            'prepared_sessions.kept',
        ]);
        $measured = self::measured($rows);
        $sessions = $surfaces = $stale = [];
        foreach ($rows as $row) {
            $basis = self::basis($student, $row, $measured[$row->green_id ?? ''] ?? '');
            if ($row->basis === $basis) {
                $sessions[$row->id] = PreparedSession::restored($row->id, $row->kept);
                $surfaces[$row->id] = (string) $row->surface;
            } else {
                $stale[$row->id] = $basis;
            }
        }
        $written = [];
        foreach ($stale === [] ? [] : $this->anew($student, array_keys($stale)) as $id => [$session, $surface]) {
            $sessions[$id] = $session;
            $surfaces[$id] = (string) $surface;
            $written[] = [
                'practice_session_id' => $id,
                'student_id' => $student->id,
                'basis' => $stale[$id],
                'surface' => $surface,
                'kept' => $session->kept(),
            ];
        }
        self::write($written);
        uasort($sessions, static fn(PreparedSession $a, PreparedSession $b): int => $a->first <=> $b->first);
        $bySurface = [];
        foreach ($sessions as $id => $session) {
            $bySurface[$surfaces[$id]][] = $session;
        }

        return $bySurface;
    }

    /**
     * @param list<string> $prepared columns of what is prepared of each
     *
     * @return list<\stdClass> every session with balls of a student that a coach saw
     */
    private static function rows(Student $student, array $prepared): array
    {
        return array_values(
            DB::table('practice_sessions')
                ->leftJoin(
                    'prepared_sessions',
                    static fn(JoinClause $join) => $join
                        ->on('prepared_sessions.practice_session_id', '=', 'practice_sessions.id')
                        ->where('prepared_sessions.student_id', '=', $student->id),
                )
                ->whereIn('practice_sessions.id', PracticeSession::ballsSeenOf($student)->select('practice_session_id'))
                ->orderBy('practice_sessions.started_at')
                ->orderBy('practice_sessions.id')
                ->get([
                    'practice_sessions.id',
                    'practice_sessions.green_id',
                    'practice_sessions.balls_version',
                    'practice_sessions.chosen_measurement_id',
                    ...$prepared,
                ])
                ->all(),
        );
    }

    /**
     * What the measurements of some greens come to: another one, or one that was corrected, comes to something else.
     *
     * @param list<\stdClass> $rows
     *
     * @return array<string, string> by green
     */
    private static function measured(array $rows): array
    {
        return DB::table('green_speed_measurements')
            ->whereIn('green_id', array_values(array_unique(array_filter(array_column($rows, 'green_id')))))
            ->groupBy('green_id')
            ->selectRaw(
                'green_id, count(*) as n, count(practice_session_id) as ours, sum(speed_m) as speed, ' .
                    'sum(standard_error_m) as error, min(taken_at) as first, max(taken_at) as last, ' .
                    'max(updated_at) as updated, max(method) as method',
            )
            ->get()
            ->mapWithKeys(
                static fn(\stdClass $green): array => [$green->green_id => json_encode($green, JSON_THROW_ON_ERROR)],
            )
            ->all();
    }

    /** All that a prepared session rests on, in short. */
    private static function basis(Student $student, \stdClass $row, string $measured): string
    {
        return hash(
            'xxh128',
            serialize([
                PreparedSession::VERSION,
                $student->finish_past_m,
                $student->hand->value,
                (int) $row->balls_version,
                $row->chosen_measurement_id,
                $row->green_id,
                $measured,
            ]),
        );
    }

    /**
     * @param list<string> $ids of sessions
     *
     * @return array<string, array{PreparedSession, string|null}> each with its surface
     */
    private function anew(Student $student, array $ids): array
    {
        $balls = [];
        foreach ($this->balls->ofStudentInSessions($student, $ids) as $ball) {
            $balls[$ball->sessionId][] = $ball;
        }
        $sessions = [];
        foreach ($balls as $id => $its) {
            $surface = $its[0]->surface;
            $sessions[$id] = [
                PreparedSession::of($id, new BallSelection($its, $surface, $student->finish_past_m, $student->hand)),
                $surface?->value,
            ];
        }

        return $sessions;
    }

    /**
     * Keep what was prepared; where nothing can be written it is prepared again the next time.
     *
     * @param list<array<string, string|null>> $rows
     */
    private static function write(array $rows): void
    {
        try {
            foreach (array_chunk($rows, self::AT_ONCE) as $some) {
                DB::table('prepared_sessions')->upsert($some, ['student_id', 'practice_session_id']);
            }
        } catch (QueryException $failed) {
            report(DatabaseFailure::of($failed));
        }
    }
}
