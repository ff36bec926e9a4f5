<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AppendSessionEvents;
use App\Actions\DeviceTime;
use App\Actions\StartHomeDrill;
use App\Http\HomeDrillAnswers;
use App\Http\Middleware\AuthenticateLink;
use App\Http\Requests\LogEventsRequest;
use App\Http\Requests\StartHomeDrillRequest;
use App\Http\Resources\BallEventResource;
use App\Http\Resources\RunResource;
use App\Http\Resources\SessionLogResource;
use App\Http\Resources\SessionResource;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Reports\DrillFindings;
use App\Reports\SessionLogs;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Validation\ValidationException;

/** A drill rolled at home: whoever holds the link begins it, and notes its balls. */
final class HomeDrillController
{
    /** What a student may say of a ball; whose it is, and on what green, is not theirs to say. */
    private const NOTED = ['putt_logged', 'putt_corrected', 'putt_remarked', 'undone', 'run_ended'];

    /** More in one drill nobody rolls. */
    private const MOST_EVENTS = 2_000;

    public function __construct(private readonly StartHomeDrill $start, private readonly HomeDrillAnswers $answers) {}

    public function begin(StartHomeDrillRequest $request, string $link): SessionResource
    {
        return $this->answers->session(
            $this->start->begin(
                AuthenticateLink::card($request),
                $request->string('id')->toString(),
                $request->string('run_id')->toString(),
                DeviceTime::of($request->validated('started_at_ms')),
            ),
        );
    }

    public function session(string $link, PracticeSession $session): SessionResource
    {
        return $this->answers->session($session);
    }

    public function run(string $link, PracticeSession $session, PracticeRun $run): RunResource
    {
        return $this->answers->run($session, $run);
    }

    /** Tell what happened to one ball since it was rolled. */
    public function history(
        string $link,
        PracticeSession $session,
        string $ball,
        SessionLogs $logs,
    ): AnonymousResourceCollection {
        return BallEventResource::collection($logs->historyOf($session, $ball));
    }

    /** @throws ValidationException If it is more than a student says of their balls. */
    public function log(
        LogEventsRequest $request,
        string $link,
        PracticeSession $session,
        AppendSessionEvents $append,
        DrillFindings $findings,
    ): SessionLogResource {
        $events = $request->events();
        foreach ($events as $i => $event) {
            $isTheirs =
                in_array($event['type'] ?? null, self::NOTED, true) &&
                in_array($event['student'] ?? null, [null, $session->student_id], true);
            if (!$isTheirs) {
                throw ValidationException::withMessages([
                    "events.$i.type" => 'At home only balls of the drill are logged.',
                ]);
            }
        }
        if (
            SessionEventRecord::query()->where('practice_session_id', $session->id)->count() + count($events) >
            self::MOST_EVENTS
        ) {
            throw ValidationException::withMessages([
                'events' => 'That is enough of one drill: nothing more was saved.',
            ]);
        }
        $appended = $append->append($session, AuthenticateLink::card($request)->coach_id, $events, $request->version());

        return new SessionLogResource($session, $appended, $findings);
    }
}
