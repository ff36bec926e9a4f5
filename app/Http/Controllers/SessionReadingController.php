<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Green\RollDoubt;
use App\Actions\SaveGreenSpeed;
use App\Http\Requests\GreenReadingRequest;
use App\Http\Requests\TimedRollRequest;
use App\Http\Resources\GreenReadingResource;
use App\Models\PracticeSession;
use Illuminate\Http\JsonResponse;

final class SessionReadingController
{
    /** Keep a green-speed reading as its entries now stand, and say what they come to. */
    public function store(
        GreenReadingRequest $request,
        PracticeSession $session,
        SaveGreenSpeed $readings,
    ): GreenReadingResource {
        return GreenReadingResource::make($readings->keep($session, $request->validated())->load('session.student'));
    }

    /** Say what there is to ask about a timed roll before it counts. */
    public function doubts(TimedRollRequest $request, SaveGreenSpeed $readings): JsonResponse
    {
        $doubts = $readings->doubts((array) $request->validated('roll'), $request->validated('others'));

        return new JsonResponse(array_map(static fn(RollDoubt $doubt): array => ['key' => $doubt->value, 'sentence' => $doubt->sentence()], $doubts));
    }
}
