<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendSessionEvents;
use App\Http\Requests\LogEventsRequest;
use App\Http\Requests\StartRunRequest;
use App\Http\Resources\RunResource;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Reports\DrillFindings;
use App\Reports\ReadingQuiz;
use App\Reports\SessionLogs;

final class DrillRunController
{
    public function __construct(
        private readonly AppendSessionEvents $append,
        private readonly SessionLogs $logs,
        private readonly DrillFindings $findings,
    ) {}

    /** Start a drill under the client's id; the same id again answers with what is there. */
    public function store(StartRunRequest $request, PracticeSession $session, ReadingQuiz $guesses): RunResource
    {
        $columns = $request->columns($guesses, $session->student);
        $run = PracticeRun::once(
            $columns['id'],
            $session->workspace_id,
            static fn(): PracticeRun => PracticeRun::query()->create(
                $columns + [
                    'workspace_id' => $session->workspace_id,
                    'coach_id' => $request->coach()->id,
                    'practice_session_id' => $session->id,
                ],
            ),
        );
        abort_if($run->practice_session_id !== $session->id, 404);

        return new RunResource($run, $this->logs->ofRun($run), $this->findings, $session->student_id);
    }

    public function show(PracticeSession $session, PracticeRun $run): RunResource
    {
        return new RunResource($run, $this->logs->ofRun($run), $this->findings, $session->student_id);
    }

    /** Append a run's events to its session's log and answer with the new state. */
    public function log(LogEventsRequest $request, PracticeSession $session, PracticeRun $run): RunResource
    {
        $log = $this->append->append($session, $request->coach()->id, $request->events())->projected->log;

        return new RunResource($run, $log->ofRun($run->id), $this->findings, $session->student_id);
    }
}
