<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\PracticeSession;
use App\Reports\SessionHistoryLine;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @property SessionHistoryLine $resource */
final class SessionHistoryLineResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $session = $this->resource->session;

        return SessionSummaryResource::make($session)->toArray($request) + [
            'student' => $session->student?->name,
            'green' => $session->green?->name,
            'balls' => $this->resource->balls,
            'students' => $this->resource->students,
            'drills' => $this->resource->drills,
            'back_until' => $session->deleted_at?->addDays(PracticeSession::KEPT_AWAY_DAYS)->toIso8601ZuluString(),
        ];
    }
}
