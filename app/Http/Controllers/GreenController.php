<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GreenRequest;
use App\Http\Resources\GreenResource;
use App\Models\Green;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;

final class GreenController
{
    /** Add a green, under the client's id where it gives one; the same id again answers with what is there. */
    public function store(GreenRequest $request): GreenResource
    {
        $coach = $request->coach();

        return GreenResource::make(Green::madeBefore($request->clientId(), $coach->bench_id) ?? $coach->greens()->create($request->validated()));
    }

    public function update(GreenRequest $request, Green $green): GreenResource
    {
        $green->update(Arr::except($request->validated(), 'id'));

        return GreenResource::make($green);
    }

    /** Put a green away; what was rolled on it stays in the ledger. */
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
