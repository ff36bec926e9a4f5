<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StrokeReportRequest;
use App\Http\Requests\WhatIfRequest;
use App\Http\Resources\BackstrokeTableResource;
use App\Http\Resources\SessionReportResource;
use App\Models\PracticeSession;
use App\Reports\SessionReview;

final class StrokeReportController
{
    public function __construct(private readonly SessionReview $review) {}

    /** Look back on a session: the student's fit, the table for this green, and what the insights say. */
    public function show(StrokeReportRequest $request, PracticeSession $session): SessionReportResource
    {
        return SessionReportResource::make(
            $this->review->look($session, $request->student(), $request->coach()->threePuttInside()),
        );
    }

    /** Tell the same line for a green of another speed, or for one length more. */
    public function whatIf(WhatIfRequest $request, PracticeSession $session): BackstrokeTableResource
    {
        return BackstrokeTableResource::make(
            $this->review->whatIf($session, $request->student(), $request->speed(), $request->length()) ?? abort(404),
        );
    }
}
