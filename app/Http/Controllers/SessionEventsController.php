<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendSessionEvents;
use App\Http\Requests\LogEventsRequest;
use App\Http\Resources\BallEventResource;
use App\Http\Resources\SessionLogResource;
use App\Models\PracticeSession;
use App\Reports\DrillFindings;
use App\Reports\SessionLogs;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class SessionEventsController
{
    /** Append events to a session's log and answer with what they changed. */
    public function store(
        LogEventsRequest $request,
        PracticeSession $session,
        AppendSessionEvents $append,
        DrillFindings $findings,
    ): SessionLogResource {
        $appended = $append->append($session, $request->coach()->id, $request->events(), $request->version());

        return new SessionLogResource($session, $appended, $findings);
    }

    /** Tell what happened to one ball since it was rolled. */
    public function history(PracticeSession $session, string $ball, SessionLogs $logs): AnonymousResourceCollection
    {
        return BallEventResource::collection($logs->historyOf($session, $ball));
    }
}
