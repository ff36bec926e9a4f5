<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BenchmarkRequest;
use App\Http\Resources\BenchmarkResource;
use App\Models\Benchmark;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Figures a coach holds rounds beside. */
final class BenchmarkController
{
    /** Keep one under the client's id; the same id again answers with what is there. */
    public function store(BenchmarkRequest $request): JsonResponse
    {
        $coach = $request->coach();

        return new JsonResponse(
            new BenchmarkResource(
                Benchmark::once(
                    $request->clientId(),
                    $coach->workspace_id,
                    static fn(): Benchmark => Benchmark::query()->create(
                        $request->columns() + [
                            'id' => $request->clientId(),
                            'workspace_id' => $coach->workspace_id,
                            'coach_id' => $coach->id,
                        ],
                    ),
                ),
            ),
        );
    }

    public function update(BenchmarkRequest $request, Benchmark $benchmark): JsonResponse
    {
        $benchmark->update($request->columns());

        return new JsonResponse(new BenchmarkResource($benchmark));
    }

    public function destroy(Benchmark $benchmark): Response
    {
        $benchmark->delete();

        return response()->noContent();
    }
}
