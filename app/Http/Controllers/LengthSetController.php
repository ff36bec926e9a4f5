<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LengthSetRequest;
use App\Http\Resources\LengthSetResource;
use App\Models\Coach;
use App\Models\LengthSet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;

/** The coach's sets of lengths. */
final class LengthSetController
{
    public function index(#[CurrentUser] Coach $coach): JsonResponse
    {
        /** @var Collection<int, LengthSet> $sets */
        $sets = $coach->workspace->lengthSets()->orderBy('name')->get();

        return new JsonResponse(
            $sets->map(static fn(LengthSet $set): LengthSetResource => new LengthSetResource($set))->values(),
        );
    }

    /** Keep a set under the client's id; the same id again answers with what is there. */
    public function store(LengthSetRequest $request): LengthSetResource
    {
        $columns = $request->columns();
        $coach = $request->coach();

        return new LengthSetResource(
            LengthSet::once(
                $columns['id'],
                $coach->workspace_id,
                static fn(): LengthSet => LengthSet::query()->create(
                    $columns + ['workspace_id' => $coach->workspace_id, 'coach_id' => $coach->id],
                ),
            ),
        );
    }

    public function update(LengthSetRequest $request, LengthSet $set): LengthSetResource
    {
        $set->update(array_diff_key($request->columns(), ['id' => '']));

        return new LengthSetResource($set);
    }

    public function destroy(LengthSet $set): Response
    {
        $set->delete();

        return response()->noContent();
    }
}
