<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadRequest;
use App\Http\Requests\RollOrChipRequest;
use App\Http\Resources\PuttLookResource;
use App\Practice\ReadingRoom;
use Illuminate\Http\JsonResponse;

final class ReaderController
{
    /** Read one putt; nothing is kept. */
    public function __invoke(ReadRequest $request, ReadingRoom $room): PuttLookResource
    {
        [$look, $isOwn] = $room->look($request->putt(), $request->student(), $request->surface());

        return new PuttLookResource($look, $isOwn);
    }

    /** Whether a ball beside the green is rolled or chipped; guidance, and nothing is kept. */
    public function rollOrChip(RollOrChipRequest $request): JsonResponse
    {
        $told = $request->told();

        return new JsonResponse(['advice' => $told->advice, 'why' => $told->why, 'limits' => $told->limits, 'cautions' => $told->cautions]);
    }
}
