<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\Checklist;
use App\Http\Requests\JsonRequest;
use App\Http\Resources\ChecklistResource;
use App\Models\OwnChecklist;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A workspace's cards of points. */
final class ChecklistController
{
    /** Keep a card whole under its key: one that ships becomes the workspace's own. */
    public function update(JsonRequest $request, string $key): JsonResponse
    {
        $coach = $request->coach();
        $card = Checklist::read($key, $request->jsonInput());
        OwnChecklist::query()->updateOrCreate(
            ['workspace_id' => $coach->workspace_id, 'key' => $key],
            ['coach_id' => $coach->id, 'content' => $card->toArray()],
        );

        return new JsonResponse(new ChecklistResource($card));
    }

    /** Drop a card of the workspace; one that ships is again as it ships. What was seen of it stays in the log. */
    public function destroy(JsonRequest $request, string $key): Response
    {
        $gone = OwnChecklist::query()
            ->where('workspace_id', $request->coach()->workspace_id)
            ->where('key', $key)
            ->delete();
        abort_if($gone === 0 && !isset(BuiltInChecklists::all()[$key]), 404);

        return response()->noContent();
    }
}
