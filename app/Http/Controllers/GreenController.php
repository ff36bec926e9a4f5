<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Units\Length;
use App\Http\Requests\GreenRequest;
use App\Http\Requests\UnitsSlipRequest;
use App\Http\Resources\GreenResource;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Reports\DrillSetup;
use App\Reports\GreenStations;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Collection;

final class GreenController
{
    /** Stations of longer ago may have been cut away, sessions. */
    private const LATELY = 60;

    /** Add a green, under the client's id where it gives one; the same id again answers with what is there. */
    public function store(GreenRequest $request): GreenResource
    {
        $coach = $request->coach();

        return GreenResource::make(
            Green::once(
                $request->clientId(),
                $coach->workspace_id,
                static fn(): Green => $coach->greens()->create($request->validated()),
            ),
        );
    }

    public function update(GreenRequest $request, Green $green): GreenResource
    {
        $green->update(Arr::except($request->validated(), 'id'));

        return GreenResource::make($green);
    }

    /** Stations that were set out on this green before, those set most often first. */
    public function stations(Green $green): JsonResponse
    {
        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::query()
            ->where('green_id', $green->id)
            ->orderByDesc('started_at')
            ->limit(self::LATELY)
            ->get();

        return new JsonResponse(GreenStations::of($sessions));
    }

    /** Tell whether paces that were counted to a station agree with the length as it was said. */
    public function slip(UnitsSlipRequest $request): JsonResponse
    {
        return new JsonResponse([
            'slip' => DrillSetup::slip(
                $request->coach(),
                Length::ofMetres($request->float('length_m')),
                $request->float('paces'),
            ),
        ]);
    }

    /** Put a green away; what was rolled on it stays in the session history. */
    public function destroy(Green $green): Response
    {
        $green->delete();

        return response()->noContent();
    }

    /** Bring a green back that was put away. */
    public function back(Green $green): GreenResource
    {
        $green->restore();

        return GreenResource::make($green);
    }
}
