<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\GreenResource;
use App\Http\Resources\SessionSummaryResource;
use App\Http\Resources\StudentResource;
use App\Models\Coach;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class BenchController
{
    private const RECENT_SESSIONS = 60;

    /** Lay out the bench: who comes, which greens, what was done and left to do. */
    public function __invoke(#[CurrentUser] Coach $coach): JsonResponse
    {
        return new JsonResponse([
            'students' => StudentResource::collection($coach->students()->orderBy('name')->get()),
            'greens' => GreenResource::collection($coach->greens()->with('latestReading')->orderBy('name')->get()),
            'sessions' => SessionSummaryResource::collection(
                $coach->practiceSessions()->orderByDesc('started_at')->limit(self::RECENT_SESSIONS)->get(),
            ),
        ]);
    }
}
