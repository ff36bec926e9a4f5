<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Student\CurrentGoals;
use App\Http\Requests\JsonRequest;
use App\Models\Student;
use Illuminate\Http\JsonResponse;

/** What is in work with a student. */
final class CurrentGoalsController
{
    public function show(Student $student): JsonResponse
    {
        return self::answer($student->inWork());
    }

    /** Keep it whole, as the screen has it; the core reads it and names the field of what it refuses. */
    public function update(JsonRequest $request, Student $student): JsonResponse
    {
        $inWork = CurrentGoals::read($request->jsonInput());
        $student->update(['current_goals' => $inWork->toArray()]);

        return self::answer($inWork);
    }

    private static function answer(CurrentGoals $inWork): JsonResponse
    {
        return new JsonResponse(['cap' => CurrentGoals::CAP] + $inWork->toArray());
    }
}
