<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\DrillRequest;
use App\Http\Resources\SavedDrillResource;
use App\Models\Coach;
use App\Models\SavedDrill;
use App\Practice\DrillLibrary;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class DrillController
{
    /** Lay out the shipped library and the coach's own drills. */
    public function index(#[CurrentUser] Coach $coach, DrillLibrary $library): JsonResponse
    {
        return new JsonResponse([
            'library' => $library->shipped($coach),
            'own' => SavedDrillResource::collection($coach->drills()->get()),
        ]);
    }

    public function store(DrillRequest $request): SavedDrillResource
    {
        return SavedDrillResource::make($request->coach()->drills()->create($request->columns()));
    }

    /** Say whether a drill that is being made can be run; a refusal names the field and why. */
    public function check(DrillRequest $request): Response
    {
        $request->drill();

        return response()->noContent();
    }

    public function update(DrillRequest $request, SavedDrill $drill): SavedDrillResource
    {
        $drill->update($request->columns());

        return SavedDrillResource::make($drill);
    }

    public function destroy(SavedDrill $drill): Response
    {
        $drill->delete();

        return response()->noContent();
    }

    /** Give the coach's own drills as a library file. */
    public function export(#[CurrentUser] Coach $coach): JsonResponse
    {
        $drills = $coach->drills()->get()->map(static fn(SavedDrill $drill): mixed => json_decode($drill->definition));

        return new JsonResponse(
            ['format' => DrillLibrary::FORMAT, 'version' => DrillLibrary::VERSION, 'drills' => $drills->values()],
            headers: ['Content-Disposition' => 'attachment; filename="drills.json"'],
        );
    }

    /** Take in a library file, whole or not at all. */
    public function import(Request $request, #[CurrentUser] Coach $coach, DrillLibrary $library): AnonymousResourceCollection
    {
        $drills = $library->read($request->getContent());

        return SavedDrillResource::collection(DB::transaction(static fn(): array => array_map(
            static fn(\stdClass $drill): SavedDrill => $coach->drills()->create(DrillRequest::columnsOf($drill)),
            $drills,
        )));
    }
}
