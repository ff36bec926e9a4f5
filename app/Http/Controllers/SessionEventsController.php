<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LogEventsRequest;
use App\Http\Resources\LoggedPuttResource;
use App\Models\PracticeSession;
use App\Practice\SessionLogbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class SessionEventsController
{
    /** Append events to a session's log and answer with its balls as the log now has them. */
    public function store(
        LogEventsRequest $request,
        PracticeSession $session,
        SessionLogbook $logbook,
    ): AnonymousResourceCollection {
        $logbook->append($session, $request->coach(), $request->events());

        return LoggedPuttResource::collection($logbook->putts($session));
    }

    /** Tell what happened to one ball since it was rolled. */
    public function history(PracticeSession $session, string $ball, SessionLogbook $logbook): JsonResponse
    {
        return new JsonResponse($logbook->historyOf($session, $ball));
    }
}
