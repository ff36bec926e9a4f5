<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KeptReadRequest;
use App\Http\Resources\KeptReadResource;
use App\Models\Green;
use App\Models\KeptRead;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;

/** Reads kept at a green. */
final class KeptReadController
{
    public function index(Green $green): AnonymousResourceCollection
    {
        return KeptReadResource::collection(KeptRead::query()->where('green_id', $green->id)->orderBy('name')->get());
    }

    /** Keep one under the client's id; the same id again answers with what is there. */
    public function store(KeptReadRequest $request, Green $green): KeptReadResource
    {
        $columns = $request->columns() + ['id' => $request->clientId(), 'bench_id' => $green->bench_id, 'coach_id' => $request->coach()->id, 'green_id' => $green->id];

        return new KeptReadResource(KeptRead::once($request->clientId(), $green->bench_id, static fn(): KeptRead => KeptRead::query()->create(array_filter($columns))));
    }

    public function update(KeptReadRequest $request, KeptRead $read): KeptReadResource
    {
        $read->update($request->columns());

        return new KeptReadResource($read);
    }

    public function destroy(KeptRead $read): Response
    {
        $read->delete();

        return response()->noContent();
    }
}
