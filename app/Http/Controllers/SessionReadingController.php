<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GreenReadingRequest;
use App\Http\Resources\GreenReadingResource;
use App\Models\PracticeSession;
use App\Practice\GreenReadings;

final class SessionReadingController
{
    /** Keep a green-speed reading as its entries now stand, and say what they come to. */
    public function __invoke(
        GreenReadingRequest $request,
        PracticeSession $session,
        GreenReadings $readings,
    ): GreenReadingResource {
        return GreenReadingResource::make($readings->keep($session, $request->validated()));
    }
}
