<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Contract\EventReader;
use Amble\Core\Contract\EventType;
use Amble\Core\Contract\JsonInput;
use Amble\Core\Session\LoggedPutt;
use Amble\Core\Session\SessionEvent;
use Amble\Core\Session\SessionLog;
use App\Models\Coach;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Keeps and reads the log of events under a session. */
final class SessionLogbook
{
    /**
     * Append events; one whose id is already there changes nothing.
     *
     * All or none are written: each is decoded, and so checked by the core, before the first insert.
     *
     * @param list<array<string, mixed>> $events validated request fields
     */
    public function append(PracticeSession $session, Coach $coach, array $events): void
    {
        $rows = [];
        foreach ($events as $i => $event) {
            $payload = array_diff_key($event, array_flip(['id', 'type', 'at_ms']));
            $record = [
                'id' => is_string($event['id']) ? $event['id'] : '',
                'type' => is_string($event['type']) ? $event['type'] : '',
                'at_ms' => is_numeric($event['at_ms']) ? (int) $event['at_ms'] : 0,
            ];
            EventReader::read(JsonInput::fromArray($event, "events.$i"));
            $rows[] = $record + [
                'practice_session_id' => $session->id,
                'logged_by' => $coach->id,
                'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'recorded_at' => now(),
            ];
        }
        DB::transaction(static function () use ($session, $rows): void {
            self::refuseForeignIds($session, array_column($rows, 'id'));
            SessionEventRecord::query()->insertOrIgnore($rows);
        });
    }

    /**
     * An id that another session's log holds would be taken for a repeat and lost without a word.
     *
     * @param list<string> $ids
     */
    private static function refuseForeignIds(PracticeSession $session, array $ids): void
    {
        $taken = SessionEventRecord::query()->whereIn('id', $ids)->where('practice_session_id', '!=', $session->id)->value('id');
        if ($taken !== null) {
            throw ValidationException::withMessages([
                'events.' . array_search($taken, $ids, true) . '.id' => 'This id is already in use by another session.',
            ]);
        }
    }

    public function ofRun(PracticeRun $run): RunLog
    {
        return $this->ofRuns([$run])[$run->id];
    }

    /**
     * Give each run's balls, and every correction and undo of its session: those of other balls find
     * nothing to change. One query for all.
     *
     * @param list<PracticeRun> $runs
     *
     * @return array<string, RunLog> by run id
     */
    public function ofRuns(array $runs): array
    {
        $sessions = array_map(static fn(PracticeRun $run): string => $run->practice_session_id, $runs);
        /** @var Collection<int, SessionEventRecord> $records */
        $records = SessionEventRecord::query()->whereIn('practice_session_id', array_unique($sessions))->get();
        $logs = [];
        foreach ($runs as $run) {
            $logs[$run->id] = self::runLog($run, $records->where('practice_session_id', $run->practice_session_id));
        }

        return $logs;
    }

    /** @param Collection<int, SessionEventRecord> $records of the run's session */
    private static function runLog(PracticeRun $run, Collection $records): RunLog
    {
        $events = $students = [];
        foreach ($records as $record) {
            $isBall = $record->type === EventType::PuttLogged->value;
            if (!$isBall || ($record->payload['run_id'] ?? null) === $run->id) {
                $events[] = self::event($record);
                $student = $record->payload['student'] ?? '';
                $students[$record->id] = $isBall && is_string($student) ? $student : '';
            }
        }

        return new RunLog($events, $students);
    }

    /** @return list<LoggedPutt> */
    public function putts(PracticeSession $session): array
    {
        return $this->puttsBySession([$session->id])[$session->id] ?? [];
    }

    /**
     * Fold several sessions with one query.
     *
     * @param list<string> $sessionIds
     *
     * @return array<string, list<LoggedPutt>> by session id
     */
    public function puttsBySession(array $sessionIds): array
    {
        $events = [];
        /** @var Collection<int, SessionEventRecord> $records in any order: the fold makes its own */
        $records = SessionEventRecord::query()->whereIn('practice_session_id', $sessionIds)->get();
        foreach ($records as $record) {
            $events[$record->practice_session_id][] = self::event($record);
        }

        return array_map(static fn(array $log): array => SessionLog::fold($log)->putts, $events);
    }

    private static function event(SessionEventRecord $record): SessionEvent
    {
        return EventReader::read(JsonInput::fromArray(
            ['id' => $record->id, 'type' => $record->type, 'at_ms' => $record->at_ms] + $record->payload,
        ));
    }
}
