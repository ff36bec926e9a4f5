<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Student\PreferenceQuestion;
use Amble\Core\Student\StudentProfile;
use Amble\Core\Student\TeachingPreferences;
use App\Http\Requests\JsonRequest;
use App\Http\Resources\PreferenceQuestionResource;
use App\Models\Student;
use App\Models\Workspace;
use Illuminate\Http\JsonResponse;

/** What a coach keeps of a student besides the card's few measures, and what holds where a card does not say. */
final class StudentProfileController
{
    public function show(Student $student): JsonResponse
    {
        return new JsonResponse($student->facts()->toArray());
    }

    /** Keep it whole, as the screen has it; the core reads it and names the field of what it refuses. */
    public function update(JsonRequest $request, Student $student): JsonResponse
    {
        $about = StudentProfile::read($request->jsonInput());
        $student->update(['about' => $about->toArray()]);

        return new JsonResponse($about->toArray());
    }

    /** Keep what the coach takes for students whose card does not say. */
    public function schools(JsonRequest $request): JsonResponse
    {
        $coach = $request->coach();
        $answers = TeachingPreferences::read($request->jsonInput());
        Workspace::query()
            ->findOrFail($coach->workspace_id)
            ->update(['schools' => $answers]);
        Workspace::evidenceChanged($coach->workspace_id);

        return new JsonResponse(PreferenceQuestionResource::all(array_values(PreferenceQuestion::all()), $answers));
    }
}
