<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ReadRequest;
use App\Http\Resources\PuttLookResource;
use App\Practice\ReadingRoom;

final class ReaderController
{
    /** Read one putt; nothing is kept. */
    public function __invoke(ReadRequest $request, ReadingRoom $room): PuttLookResource
    {
        [$look, $isOwn] = $room->look($request->putt(), $request->student(), $request->surface());

        return new PuttLookResource($look, $isOwn);
    }
}
