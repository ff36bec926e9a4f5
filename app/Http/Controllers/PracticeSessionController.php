<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StartSessionRequest;
use App\Http\Requests\UpdateSessionRequest;
use App\Http\Resources\SessionResource;
use App\Models\PracticeSession;
use App\Practice\GreenReadings;
use App\Practice\LookBackDesk;
use App\Practice\Projector;
use App\Practice\StrokeSummaries;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

final class PracticeSessionController
{
    public function __construct(
        private readonly GreenReadings $readings,
        private readonly LookBackDesk $desk,
        private readonly Projector $projector,
        private readonly StrokeSummaries $summaries,
    ) {
    }

    /** Start a session under the client's id; the same id again answers with what is there. */
    public function store(StartSessionRequest $request): SessionResource
    {
        $session = PracticeSession::query()->whereKey($request->validated('id'))->get()->first();
        abort_if($session !== null && $session->bench_id !== $request->coach()->bench_id, 404);

        return $this->resource($session ?? $request->coach()->practiceSessions()->create(
            $request->validated() + ['started_at' => now()],
        ));
    }

    public function show(PracticeSession $session): SessionResource
    {
        return $this->resource($session);
    }

    public function update(UpdateSessionRequest $request, PracticeSession $session): SessionResource
    {
        $fields = $request->validated();
        if (array_key_exists('ended', $fields)) {
            $fields['ended_at'] = $fields['ended'] ? $session->ended_at ?? now() : null;
        }
        DB::transaction(function () use ($session, $fields): void {
            $session->update(Arr::except($fields, 'ended'));
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

    private function resource(PracticeSession $session): SessionResource
    {
        $session->load('student', 'green');
        $before = $session->student?->practiceSessions()->where('started_at', '<', $session->started_at)
            ->whereNotNull('note_for_next')->orderByDesc('started_at')->first();

        return new SessionResource(
            $session,
            $session->green === null ? null : $this->readings->standing($session->green, $session->ended_at ?? now()),
            $this->desk->standing($session)[0],
            $session->ballRows(),
            $before?->note_for_next,
        );
    }
}
