<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SavedReadRequest;
use App\Http\Resources\SavedReadResource;
use App\Models\Green;
use App\Models\SavedRead;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** Reads kept at a green. */
final class SavedReadController
{
    public function index(Green $green): AnonymousResourceCollection
    {
        return SavedReadResource::collection(SavedRead::query()->where('green_id', $green->id)->orderBy('name')->get());
    }

    /** Keep one under the client's id; the same id again answers with what is there. */
    public function store(SavedReadRequest $request, Green $green): SavedReadResource
    {
        $columns = $request->columns() + [
            'id' => $request->clientId(),
            'workspace_id' => $green->workspace_id,
            'coach_id' => $request->coach()->id,
            'green_id' => $green->id,
        ];

        return new SavedReadResource(
            SavedRead::once(
                $request->clientId(),
                $green->workspace_id,
                static fn(): SavedRead => SavedRead::query()->create(array_filter($columns)),
            ),
        );
    }

    public function update(SavedReadRequest $request, SavedRead $read): SavedReadResource
    {
        $read->update($request->columns());

        return new SavedReadResource($read);
    }

    public function destroy(SavedRead $read): Response
    {
        $read->delete();

        return response()->noContent();
    }
}
