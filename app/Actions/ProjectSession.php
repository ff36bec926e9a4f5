<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Evidence\SessionBall;
use Amble\Core\Evidence\SessionBalls;
use Amble\Core\Evidence\SessionRun;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\ChecklistAnswer;
use Amble\Core\Session\Condition;
use Amble\Core\Session\DismissedInsight;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\GroupMember;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\RollContext;
use Amble\Core\Session\RunChanges;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SessionStation;
use App\Models\BallColumns;
use App\Models\BallRecord;
use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\DrillFindings;
use App\Reports\EventStore;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;

/** Rewrites what screens read of a session from its log. Nothing here judges: the core says what each ball is. */
final class ProjectSession
{
    /** Rows of one insert: databases take only so many values at once. */
    private const AT_ONCE = 200;

    public function __construct(private readonly EventStore $events, private readonly DrillFindings $findings) {}

    /**
     * Two devices may write to one session at once. SQLite lets one writer in at a time; elsewhere the second waits
     * here, and then sees what the first wrote: folded each without the other's, a ball would be in the log and on no
     * screen. The keys are left alone, as both lines already point at the row.
     */
    private static function lockSession(PracticeSession $session): void
    {
        if (DB::getDriverName() === 'sqlite') {
            return;
        }
        $row = DB::table('practice_sessions')->where('id', $session->id)->lock('for no key update')->first();
        if ($row !== null) {
            $session->setRawAttributes((array) $row, true);
        }
    }

    /**
     * Bring the rows of one session up to its log, writing only what changed. To be called inside the
     * transaction that changed the log.
     *
     * @param bool $isWhole whether what rests on balls is told anew though none changed
     */
    public function project(PracticeSession $session, bool $isWhole = false): ProjectedSession
    {
        self::lockSession($session);
        $session->loadMissing('green');
        [$events, $positions] = $this->events->log($session->id);
        $log = SessionLog::fold($events);
        // What is put away tells of nobody, until it is brought back.
        $shown = $session->trashed() ? $log->withoutBalls() : $log;
        $runs = self::runsWithBalls($session, $shown);
        [$changed, $removed, $keepsOrder, $touched] = $this->writeBalls(
            $session,
            SessionBalls::of($shown, $runs, $session->student_id),
        );
        $told = array_values(
            array_filter(
                $runs,
                static fn(SessionRun $run): bool => $isWhole ||
                    $removed !== [] ||
                    in_array($run->id, $touched, true) ||
                    isset($log->runs[$run->id]),
            ),
        );
        $this->findings->write($session, $shown, $told);
        if ($isWhole || $removed !== []) {
            $this->findings->forget($session, $shown);
        }
        $this->writeDismissedInsights($session, $log->dismissedInsights);
        $hasChanged = [
            self::writeList('check_attempts', $session, self::checkAttempts($session, $shown)),
            self::writeList('checklist_answers', $session, self::checklistAnswers($session, $shown)),
        ];
        if (in_array(true, $hasChanged, true)) {
            Workspace::evidenceChanged($session->workspace_id);
        }
        $session->forceFill([
            'stations' => array_map(self::station(...), $log->stations),
            'conditions' => array_map(static fn(Condition $condition): string => $condition->value, $log->conditions),
            'dismissed_insights' => array_map(
                static fn(DismissedInsight $note): string => $note->key,
                $log->dismissedInsights,
            ),
            'group_members' => array_map(
                static fn(GroupMember $one): array => ['student' => $one->student, 'standing' => $one->standing->value],
                $log->groupMembers,
            ),
            'chosen_measurement_id' => $log->readingId,
            'latest_ms' => $log->latestMilliseconds,
            'kit_out' => $log->equipmentInUse(),
            'during' => ['part' => $log->during->part?->value, 'disturbances' => self::disturbances($log->during)],
        ]);
        if ($session->isDirty(['chosen_measurement_id', 'conditions'])) {
            Workspace::evidenceChanged($session->workspace_id);
        }
        if ($changed !== [] || $removed !== []) {
            // Counted by the database: two writers never count to the same number.
            $session->setAttribute('balls_version', DB::raw('balls_version + 1'));
        }
        if ($session->isDirty()) {
            $session->save();
            $session->offsetUnset('balls_version');
            $session->syncOriginal();
        }
        self::writeEnds($session, $log);

        return new ProjectedSession(
            $log,
            $positions,
            $changed,
            $removed,
            $keepsOrder,
            array_map(static fn(SessionRun $run): string => $run->id, $told),
        );
    }

    private static function writeEnds(PracticeSession $session, SessionLog $log): void
    {
        $ended = array_keys(array_filter($log->runs, static fn(RunChanges $notes): bool => $notes->endedAt !== null));
        $session
            ->runs()
            ->where('is_ended', true)
            ->whereKeyNot($ended)
            ->update(['is_ended' => false]);
        if ($ended !== []) {
            $session
                ->runs()
                ->whereKey($ended)
                ->where('is_ended', false)
                ->update(['is_ended' => true]);
        }
    }

    /** Rebuild everything, session by session. */
    public function rebuild(): void
    {
        /** @var LazyCollection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::withTrashed()->lazyById();
        foreach ($sessions as $session) {
            DB::transaction(fn(): ProjectedSession => $this->project($session, isWhole: true));
        }
    }

    /**
     * Judge anew what a student rolled at holes: where a ball should finish past one has changed. Inside a transaction.
     */
    public function projectAtHoles(Student $student): void
    {
        $sessions = BallRecord::query()
            ->where('student_id', $student->id)
            ->where('is_at_hole', true)
            ->toBase()
            ->distinct()
            ->pluck('practice_session_id');
        /** @var Collection<int, PracticeSession> $found */
        $found = PracticeSession::withTrashed()->whereKey($sessions)->orderBy('id')->get();
        foreach ($found as $session) {
            $this->project($session, isWhole: true);
        }
    }

    /** @return list<SessionRun> */
    private static function runsWithBalls(PracticeSession $session, SessionLog $log): array
    {
        $rolledIn = array_filter(
            array_map(static fn(LoggedBall $putt): ?string => $putt->belonging->runId, $log->putts),
        );
        /** @var Collection<int, PracticeRun> $runs */
        $runs =
            $rolledIn === []
                ? new Collection()
                : $session->runs()->whereKey(array_unique($rolledIn))->orderBy('id')->get();

        $finishPast = $runs->isEmpty()
            ? []
            : self::finishPast([
                $session->student_id,
                ...array_map(static fn(LoggedBall $putt): ?string => $putt->belonging->student, $log->putts),
            ]);

        return array_values(
            array_map(static fn(PracticeRun $run): SessionRun => self::run($run, $finishPast), $runs->all()),
        );
    }

    /**
     * How far past a hole students play for, by id, metres.
     *
     * @param list<string|null> $students
     *
     * @return array<string, float>
     */
    public static function finishPast(array $students): array
    {
        $ids = array_values(array_unique(array_filter($students)));

        return $ids === []
            ? []
            : array_map(floatval(...), Student::withTrashed()->whereKey($ids)->pluck('finish_past_m', 'id')->all());
    }

    /** @param array<string, float> $finishPast how far past a hole each student plays for, metres */
    public static function run(PracticeRun $run, array $finishPast = []): SessionRun
    {
        return new SessionRun(
            $run->id,
            DrillDefinition::card($run->definition()),
            $run->students,
            $run->seed,
            $finishPast,
        );
    }

    /**
     * @param list<SessionBall> $balls
     *
     * @return array{list<string>, list<string>, bool, list<string>} ids of changed and of removed balls, whether the
     *     others kept their
     *                                                               places, and the runs of changed ones
     */
    private function writeBalls(PracticeSession $session, array $balls): array
    {
        $rows = [];
        foreach (BallColumns::rows($session, $balls) as $row) {
            // Whose the ball is in the end says nothing of it: an import's belong to it until all of them are there.
            $rows[(string) $row['id']] = $row + [
                'digest' => md5(serialize(array_diff_key($row, ['workspace_id' => true]))),
            ];
        }
        /** @var array<string, \stdClass> $known digest and place by id */
        $known = array_column(
            BallRecord::query()
                ->where('practice_session_id', $session->id)
                ->toBase()
                ->get(['id', 'digest', 'place'])
                ->all(),
            null,
            'id',
        );
        $gone = array_map(strval(...), array_keys(array_diff_key($known, $rows)));
        foreach (array_chunk($gone, self::AT_ONCE) as $ids) {
            BallRecord::query()->whereIn('id', $ids)->delete();
        }
        $changed = array_filter(
            $rows,
            static fn(array $row, string $id): bool => ($known[$id] ?? null)?->digest !== $row['digest'],
            ARRAY_FILTER_USE_BOTH,
        );
        foreach (array_chunk(array_values($changed), self::AT_ONCE) as $some) {
            BallRecord::query()->upsert($some, ['id']);
        }
        if ($gone !== [] || $changed !== []) {
            Workspace::evidenceChanged($session->workspace_id);
        }

        return [
            array_map(strval(...), array_keys($changed)),
            $gone,
            self::keepsOrder($changed, $known),
            array_values(array_unique(array_filter(array_column($changed, 'run_id'), is_string(...)))),
        ];
    }

    /**
     * @param array<string, array<string, mixed>> $changed rows by id
     * @param array<string, \stdClass> $known rows that were there, by id
     */
    private static function keepsOrder(array $changed, array $known): bool
    {
        $last = $known === [] ? -1 : max(array_map(static fn(\stdClass $row): int => (int) $row->place, $known));
        foreach ($changed as $id => $row) {
            $place = isset($known[$id]) ? (int) $known[$id]->place : null;
            if ($place === null ? $row['place'] <= $last : $row['place'] !== $place) {
                return false;
            }
        }

        return true;
    }

    /** @param list<DismissedInsight> $notes */
    private function writeDismissedInsights(PracticeSession $session, array $notes): void
    {
        self::writeList(
            'dismissed_insights',
            $session,
            array_map(
                static fn(DismissedInsight $note): array => [
                    'practice_session_id' => $session->id,
                    'student_id' => $session->student_id,
                    'note' => $note->key,
                    'evidence' => $note->evidence,
                    'reason' => $note->reason,
                ],
                $notes,
            ),
        );
    }

    /** @return list<array<string, mixed>> tries at checks; those of nobody wait until somebody has come */
    private static function checkAttempts(PracticeSession $session, SessionLog $log): array
    {
        $checks = $log->checks;
        // As they are read back: by clocks that differ they may stand otherwise, and would seem changed for ever.
        usort($checks, static fn(CheckAttempt $one, CheckAttempt $other): int => strcmp($one->id, $other->id));

        return self::withStudent(
            array_map(
                static fn(CheckAttempt $try): array => [
                    'id' => $try->id,
                    'practice_session_id' => $session->id,
                    'student_id' => $try->student ?? $session->student_id,
                    'green_id' => $session->green_id,
                    'kind' => $try->kind,
                    'at_ms' => $try->atMilliseconds,
                    'answers' => json_encode((object) $try->answers, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                ],
                $checks,
            ),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function checklistAnswers(PracticeSession $session, SessionLog $log): array
    {
        return self::withStudent(
            array_map(
                static fn(ChecklistAnswer $point): array => [
                    'practice_session_id' => $session->id,
                    'student_id' => $point->student ?? $session->student_id,
                    'card' => $point->card,
                    'point' => $point->point,
                    'sight' => $point->sight?->value,
                    'word' => $point->word,
                    'at_ms' => $point->atMilliseconds,
                ],
                $log->points,
            ),
        );
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<array<string, mixed>>
     */
    private static function withStudent(array $rows): array
    {
        return array_values(array_filter($rows, static fn(array $row): bool => $row['student_id'] !== null));
    }

    /**
     * Write a session's rows of a short list anew where they changed.
     *
     * @param list<array<string, mixed>> $rows
     *
     * @return bool whether they did
     */
    private static function writeList(string $table, PracticeSession $session, array $rows): bool
    {
        $known = DB::table($table)
            ->where('practice_session_id', $session->id)
            ->orderBy('id')
            ->get($rows === [] ? ['id'] : array_keys($rows[0]))
            ->map(static fn(object $row): array => (array) $row)
            ->all();
        $plain = static fn(array $list): array => array_map(
            static fn(array $row): array => array_map(self::plain(...), $row),
            array_values($list),
        );
        if ($plain($known) === $plain($rows)) {
            return false;
        }
        DB::table($table)->where('practice_session_id', $session->id)->delete();
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            DB::table($table)->insert($some);
        }

        return true;
    }

    /**
     * What a database hands back as text, and how it spaces JSON, is its own affair; a space in a word is the coach's.
     */
    private static function plain(mixed $cell): string
    {
        $text = is_scalar($cell) ? (string) $cell : '';

        $object = str_starts_with($text, '{') ? json_decode($text) : null;

        return $object === null ? $text : json_encode($object, JSON_THROW_ON_ERROR);
    }

    /** @return list<string> */
    private static function disturbances(RollContext $during): array
    {
        return array_map(static fn(Disturbance $each): string => $each->value, $during->disturbances);
    }

    /** @return array<string, mixed> */
    private static function station(SessionStation $station): array
    {
        return [
            'id' => $station->id,
            'length_m' => $station->length->metres(),
            'said' => $station->said,
            'grade_percent' => $station->grade?->percent(),
            'across_percent' => $station->across?->percent(),
        ];
    }
}
