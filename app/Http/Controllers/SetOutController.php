<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SetOutRequest;
use App\Practice\SetOut;
use Illuminate\Http\JsonResponse;

final class SetOutController
{
    /** Say how to set a drill out, under the id its run will have, so that scattered lengths are settled. */
    public function __invoke(SetOutRequest $request, SetOut $setOut): JsonResponse
    {
        return new JsonResponse($setOut->of(
            $request->definition(),
            $request->drill(),
            $request->string('id')->toString(),
            $request->coach(),
            $request->practiceSession(),
            $request->stepped(),
        ));
    }
}
