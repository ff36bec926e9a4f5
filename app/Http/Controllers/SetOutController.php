<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SetOutRequest;
use App\Http\Resources\SetOutResource;
use App\Models\PracticeRun;
use App\Practice\DrillRuns;
use App\Practice\SetOut;

final class SetOutController
{
    /** Say how to set a drill out, under the id its run will have, so that scattered lengths are settled. */
    public function __invoke(SetOutRequest $request, DrillRuns $runs): SetOutResource
    {
        $drill = $request->drill();
        $seed = PracticeRun::seedOf($request->string('id')->toString());
        $session = $request->practiceSession();

        return SetOutResource::make(new SetOut(
            SetOut::sheet($request->definition(), $drill),
            $drill,
            DrillRuns::lengths($drill, $seed),
            $request->coach(),
            $request->stepped(),
            $session === null ? null : $runs->expectation($drill, $seed, $session),
        ));
    }
}
