<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Contract\DrillShape;
use App\Http\Requests\DrillLengthsRequest;
use App\Http\Requests\DrillRequest;
use App\Http\Requests\FittingDrillsRequest;
use App\Http\Requests\ImportDrillsRequest;
use App\Http\Resources\DrillResource;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\SavedDrill;
use App\Reports\DrillLibrary;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

final class DrillController
{
    /** Lay out the shipped library and the coach's own drills. */
    public function index(#[CurrentUser] Coach $coach, DrillLibrary $library): JsonResponse
    {
        return new JsonResponse([
            'library' => array_map(
                static fn(\stdClass $drill): DrillResource => new DrillResource($drill),
                $library->shipped($coach),
            ),
            'own' => array_map(self::resource(...), self::ownDrills($coach)),
        ]);
    }

    /** Say which drills fit what is at hand, by their keys. */
    public function fitting(
        FittingDrillsRequest $request,
        #[CurrentUser] Coach $coach,
        DrillLibrary $library,
    ): JsonResponse {
        $own = array_map(static fn(SavedDrill $drill): \stdClass => $drill->definition(), self::ownDrills($coach));

        return new JsonResponse([
            'keys' => $library->fitting($request->atHand(), [...$own, ...$library->shipped($coach)]),
        ]);
    }

    public function store(DrillRequest $request): DrillResource
    {
        $coach = $request->coach();
        $columns = $request->columns() + array_filter(['id' => $request->clientId()]);

        return self::resource(
            SavedDrill::once(
                $request->clientId(),
                $coach->workspace_id,
                static fn(): SavedDrill => $coach->drills()->create($columns),
            ),
        );
    }

    /** Say whether a drill that is being made can be run, and what it comes to; a refusal names the field and why. */
    public function check(DrillRequest $request): DrillResource
    {
        return new DrillResource($request->drill());
    }

    public function update(DrillRequest $request, SavedDrill $drill): DrillResource
    {
        $drill->update($request->columns());

        return self::resource($drill);
    }

    /** @return list<SavedDrill> */
    private static function ownDrills(Coach $coach): array
    {
        /** @var Collection<int, SavedDrill> $drills */
        $drills = $coach->drills()->orderBy('id')->get();

        return array_values($drills->all());
    }

    private static function resource(SavedDrill $drill): DrillResource
    {
        return new DrillResource($drill->definition(), $drill->id);
    }

    public function destroy(SavedDrill $drill): Response
    {
        $drill->delete();

        return response()->noContent();
    }

    /** Give the coach's own drills as a library file. */
    public function export(#[CurrentUser] Coach $coach): JsonResponse
    {
        $drills = array_map(static fn(SavedDrill $drill): \stdClass => $drill->definition(), self::ownDrills($coach));

        return new JsonResponse(
            ['format' => DrillLibrary::FORMAT, 'version' => DrillLibrary::VERSION, 'drills' => $drills],
            headers: ['Content-Disposition' => 'attachment; filename="drills.json"'],
        );
    }

    /** Tell every kind of rule a drill may be made of, and how each describes itself. */
    public function kinds(): JsonResponse
    {
        return new JsonResponse(DrillShape::kinds());
    }

    /** Lay a set of lengths into a drill. */
    public function lengths(DrillLengthsRequest $request, DrillLibrary $library): DrillResource
    {
        return new DrillResource($request->laid($library));
    }

    /** Say what taking in a library file would do, drill by drill; nothing is taken. */
    public function preview(
        ImportDrillsRequest $request,
        #[CurrentUser] Coach $coach,
        DrillLibrary $library,
    ): JsonResponse {
        $own = [];
        foreach (self::ownDrills($coach) as $drill) {
            $own[self::key($drill)] = $drill->definition;
        }

        return new JsonResponse($library->preview($request->getContent(), $own));
    }

    /** Take in a library file, whole or not at all; one that the coach has under its key is brought up. */
    public function import(ImportDrillsRequest $request, DrillLibrary $library): JsonResponse
    {
        $drills = $library->read($request->getContent());

        return new JsonResponse(
            DB::transaction(static function () use ($drills, $request): array {
                $own = [];
                foreach (self::ownDrills($request->coach()) as $drill) {
                    $own[self::key($drill)] = $drill;
                }

                return array_map(static function (\stdClass $drill) use ($own, $request): DrillResource {
                    $kept = $own[(string) $drill->key] ?? null;
                    $kept?->update(DrillDefinition::columns($drill));

                    return self::resource(
                        $kept ?? $request->coach()->drills()->create(DrillDefinition::columns($drill)),
                    );
                }, $drills);
            }),
        );
    }

    private static function key(SavedDrill $drill): string
    {
        $key = $drill->definition()->key ?? null;

        return is_string($key) ? $key : '';
    }
}
