<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogEventsRequest;
use App\Http\Requests\StartRunRequest;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Practice\DrillRuns;
use App\Practice\SessionLogbook;
use Illuminate\Http\JsonResponse;

final class DrillRunController
{
    public function __construct(private readonly DrillRuns $runs)
    {
    }

    /** Start a drill under the client's id; the same id again answers with what is there. */
    public function store(StartRunRequest $request, PracticeSession $session): JsonResponse
    {
        $columns = $request->columns();
        $run = PracticeRun::query()->whereKey($columns['id'])->get()->first();
        abort_if($run !== null && $run->practice_session_id !== $session->id, 404);
        $run ??= PracticeRun::query()->create(
            $columns + ['coach_id' => $session->coach_id, 'practice_session_id' => $session->id],
        );

        return new JsonResponse(
            $this->runs->state($run) + ['expectation' => $this->runs->expectation(DrillRuns::drill($run), $run->seed, $session->load('student'))],
        );
    }

    public function show(PracticeSession $session, PracticeRun $run): JsonResponse
    {
        return new JsonResponse($this->runs->state($run));
    }

    /** Append a run's events to its session's log and answer with the new state. */
    public function log(
        LogEventsRequest $request,
        PracticeSession $session,
        PracticeRun $run,
        SessionLogbook $logbook,
    ): JsonResponse {
        $logbook->append($session, $request->coach(), $request->events());

        return new JsonResponse($this->runs->state($run));
    }
}
