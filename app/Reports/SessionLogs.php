<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Session\SessionLog;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use Illuminate\Support\Collection;

/** Reads the log under a session: folded, of one drill run, and the history of one ball. */
final class SessionLogs
{
    public function __construct(private readonly EventStore $events) {}

    public function of(PracticeSession $session): SessionLog
    {
        return $this->fold($session->id);
    }

    public function ofRun(PracticeRun $run): SessionLog
    {
        return $this->fold($run->practice_session_id)->ofRun($run->id);
    }

    private function fold(string $sessionId): SessionLog
    {
        return SessionLog::fold($this->events->of([$sessionId])[$sessionId]);
    }

    /**
     * What happened to one ball, oldest first: rolled, corrected, remarked, taken back.
     *
     * @return list<SessionEventRecord>
     */
    public function historyOf(PracticeSession $session, string $puttId): array
    {
        /** @var Collection<int, SessionEventRecord> $records */
        $records = SessionEventRecord::query()
            ->where('practice_session_id', $session->id)
            ->with('coach:id,name', 'session.student')
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get();
        $about = [$puttId];
        $history = [];
        foreach ($records as $record) {
            $subject = $record->payload['putt_id'] ?? ($record->payload['event_id'] ?? $record->id);
            if (in_array($subject, $about, true)) {
                // An undo may take back a correction, or another undo.
                $about[] = $record->id;
                $history[] = $record;
            }
        }

        return $history;
    }
}
