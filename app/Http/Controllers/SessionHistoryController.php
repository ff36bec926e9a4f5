<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SessionHistoryRequest;
use App\Http\Resources\GreenResource;
use App\Http\Resources\SessionHistoryLineResource;
use App\Http\Resources\StudentResource;
use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\SessionHistory;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Collection;

/** Every session there was, and what was put away. */
final class SessionHistoryController
{
    /** List sessions, the latest first, by student, by green, before a time: a page at a time. */
    public function index(SessionHistoryRequest $request, SessionHistory $ledger): AnonymousResourceCollection
    {
        return SessionHistoryLineResource::collection(
            $ledger->page($request->coach()->workspace_id, $request->wanted()),
        );
    }

    /** List what was put away and can be brought back. */
    public function putAway(#[CurrentUser] Coach $coach, SessionHistory $ledger): JsonResponse
    {
        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::onlyTrashed()
            ->where('workspace_id', $coach->workspace_id)
            ->orderByDesc('started_at')
            ->limit(SessionHistory::PAGE)
            ->get();

        return new JsonResponse([
            'students' => StudentResource::collection(
                Student::onlyTrashed()->where('workspace_id', $coach->workspace_id)->orderBy('name')->get(),
            ),
            'greens' => GreenResource::collection(
                Green::onlyTrashed()->where('workspace_id', $coach->workspace_id)->orderBy('name')->get(),
            ),
            'sessions' => SessionHistoryLineResource::collection($ledger->lines($sessions)),
        ]);
    }
}
