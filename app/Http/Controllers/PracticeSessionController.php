<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DeviceTime;
use App\Actions\ProjectSession;
use App\Actions\RefreshStrokeSummaries;
use App\Http\Requests\StartSessionRequest;
use App\Http\Requests\UpdateSessionRequest;
use App\Http\Resources\SessionResource;
use App\Models\PracticeSession;
use App\Reports\GreenSpeeds;
use App\Reports\TakeHomeCards;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

final class PracticeSessionController
{
    public function __construct(
        private readonly GreenSpeeds $speeds,
        private readonly ProjectSession $projector,
        private readonly RefreshStrokeSummaries $summaries,
        private readonly TakeHomeCards $pocket,
    ) {}

    /** Start a session under the client's id; the same id again answers with what is there. */
    public function store(StartSessionRequest $request): SessionResource
    {
        $coach = $request->coach();

        return $this->resource(
            PracticeSession::once(
                $request->clientId(),
                $coach->workspace_id,
                static fn(): PracticeSession => $coach->practiceSessions()->create(
                    Arr::except($request->validated(), 'started_at_ms') + [
                        'started_at' => DeviceTime::of($request->validated('started_at_ms')),
                    ],
                ),
            ),
        );
    }

    public function show(PracticeSession $session): SessionResource
    {
        return $this->resource($session);
    }

    public function update(UpdateSessionRequest $request, PracticeSession $session): SessionResource
    {
        $fields = $request->validated();
        if (array_key_exists('plan', $fields)) {
            $fields['plan'] = $request->plan()?->toArray();
        }
        if (array_key_exists('ended', $fields)) {
            $fields['ended_at'] = $fields['ended']
                ? $session->ended_at ?? DeviceTime::of($fields['ended_at_ms'] ?? null)
                : null;
        }
        if (isset($fields['started']) && $session->is_planned) {
            $fields['is_planned'] = false;
            $fields['started_at'] = DeviceTime::of($fields['started_at_ms'] ?? null);
        }
        DB::transaction(function () use ($session, $fields): void {
            $session->update(Arr::except($fields, ['started', 'started_at_ms', 'ended', 'ended_at_ms', 'pocket']));
            if (isset($fields['pocket']) && $session->student !== null) {
                $this->pocket->keep($session->student, $fields['pocket'], $session->coach_id);
            }
            // Whose balls they are, and on what, hangs on the card.
            if ($session->wasChanged(['student_id', 'green_id'])) {
                $this->projector->project($session->unsetRelations());
            }
        });
        if ($session->wasChanged('ended_at') && $session->ended_at !== null) {
            $this->summaries->refreshSession($session);
        }

        return $this->resource($session->refresh());
    }

    /** Put a session away: it is out of sight, and its balls tell of nobody, until it is brought back. */
    public function destroy(PracticeSession $session): Response
    {
        DB::transaction(function () use ($session): void {
            $session->delete();
            $this->projector->project($session, isWhole: true);
        });

        return response()->noContent();
    }

    /** Bring a session back that was put away. */
    public function back(PracticeSession $session): SessionResource
    {
        DB::transaction(function () use ($session): void {
            $session->restore();
            $this->projector->project($session, isWhole: true);
        });

        return $this->resource($session->refresh());
    }

    private function resource(PracticeSession $session): SessionResource
    {
        $session->load('student', 'green');
        $before = $session->student
            ?->practiceSessions()
            ->where('started_at', '<', $session->started_at)
            ->where('is_home', false)
            ->where('is_planned', false)
            ->orderByDesc('started_at');

        return new SessionResource(
            $session,
            $this->speeds->ofSession($session),
            $session->ballRows(),
            $before?->clone()->whereNotNull('note_for_next')->first()?->note_for_next,
            $before?->first()->stations ?? [],
        );
    }
}
