<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Green\RollDoubt;
use App\Actions\SaveGreenSpeedMeasurement;
use App\Http\Requests\GreenSpeedMeasurementRequest;
use App\Http\Requests\TimedRollRequest;
use App\Http\Resources\GreenSpeedMeasurementResource;
use App\Models\PracticeSession;
use Illuminate\Http\JsonResponse;

final class GreenSpeedController
{
    /** Keep a green-speed reading as its entries now stand, and say what they come to. */
    public function store(
        GreenSpeedMeasurementRequest $request,
        PracticeSession $session,
        SaveGreenSpeedMeasurement $readings,
    ): GreenSpeedMeasurementResource {
        return GreenSpeedMeasurementResource::make(
            $readings->keep($session, $request->validated())->load('session.student'),
        );
    }

    /** Say what there is to ask about a timed roll before it counts. */
    public function doubts(TimedRollRequest $request, SaveGreenSpeedMeasurement $readings): JsonResponse
    {
        $doubts = $readings->doubts((array) $request->validated('roll'), $request->validated('others'));

        return new JsonResponse(
            array_map(
                static fn(RollDoubt $doubt): array => ['key' => $doubt->value, 'sentence' => $doubt->sentence()],
                $doubts,
            ),
        );
    }
}
