<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StrokeReportRequest;
use App\Models\PracticeSession;
use App\Practice\StrokeReport;
use Illuminate\Http\JsonResponse;

final class StrokeReportController
{
    /** Look back on a session: the student's fit, and the table for this green or another speed. */
    public function __invoke(StrokeReportRequest $request, PracticeSession $session, StrokeReport $report): JsonResponse
    {
        return new JsonResponse($report->of($session, $request->coach(), $request->speedMetres()));
    }
}
