<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\LoggedPutt;
use Amble\Core\Session\SessionLog;
use App\Models\Coach;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Models\Student;
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
            EventReader::arriving(JsonInput::fromArray($event, "events.$i"));
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

    public function ofRun(PracticeRun $run): SessionLog
    {
        return $this->logs([$run->practice_session_id])[$run->practice_session_id]->ofRun($run->id);
    }

    /**
     * Fold several sessions with one query.
     *
     * @param list<string> $sessionIds
     *
     * @return array<string, SessionLog> by session id, one for each that was asked
     */
    public function logs(array $sessionIds): array
    {
        $events = array_fill_keys($sessionIds, []);
        /** @var Collection<int, SessionEventRecord> $records in any order: the fold makes its own */
        $records = SessionEventRecord::query()->whereIn('practice_session_id', array_unique($sessionIds))->get();
        foreach ($records as $record) {
            $events[$record->practice_session_id][] = self::event($record);
        }

        return array_map(SessionLog::fold(...), $events);
    }

    /** @return list<LoggedPutt> */
    public function putts(PracticeSession $session): array
    {
        return $this->logs([$session->id])[$session->id]->putts;
    }

    /**
     * Every ball of one student, whoever's session it was rolled in.
     *
     * @param list<string> $sessionIds the student's own
     *
     * @return array<string, list<LoggedPutt>> by session id
     */
    public function puttsOf(Student $student, array $sessionIds): array
    {
        /** @var list<string> $asGuest */
        $asGuest = SessionEventRecord::query()->where('payload->student', $student->id)
            ->distinct()->pluck('practice_session_id')->values()->all();
        $own = array_flip($sessionIds);
        $putts = [];
        foreach ($this->logs(array_values(array_unique([...$sessionIds, ...$asGuest]))) as $id => $log) {
            $putts[$id] = array_values(array_filter(
                $log->putts,
                static fn(LoggedPutt $putt): bool => $putt->belonging->student === $student->id
                    || ($putt->belonging->student === null && isset($own[$id])),
            ));
        }

        return $putts;
    }

    /**
     * What happened to one ball, oldest first: rolled, corrected, remarked, taken back.
     *
     * @return list<array<string, mixed>>
     */
    public function historyOf(PracticeSession $session, string $puttId): array
    {
        /** @var Collection<int, SessionEventRecord> $records */
        $records = SessionEventRecord::query()->where('practice_session_id', $session->id)
            ->with('coach:id,name')->orderBy('at_ms')->orderBy('id')->get();
        $about = [$puttId];
        $history = [];
        foreach ($records as $record) {
            $subject = $record->payload['putt_id'] ?? $record->payload['event_id'] ?? $record->id;
            if (in_array($subject, $about, true)) {
                // An undo may take back a correction, or another undo.
                $about[] = $record->id;
                $history[] = ['id' => $record->id, 'type' => $record->type, 'at_ms' => $record->at_ms, 'by' => $record->coach->name] + $record->payload;
            }
        }

        return $history;
    }

    private static function event(SessionEventRecord $record): SessionEvent
    {
        return EventReader::arriving(JsonInput::fromArray(
            ['id' => $record->id, 'type' => $record->type, 'at_ms' => $record->at_ms] + $record->payload,
        ));
    }
}
