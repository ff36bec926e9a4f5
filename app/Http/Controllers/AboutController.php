<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Student\About;
use Amble\Core\Student\Question;
use Amble\Core\Student\Schools;
use App\Http\Requests\ToldRequest;
use App\Http\Resources\QuestionResource;
use App\Models\Bench;
use App\Models\Student;
use Illuminate\Http\JsonResponse;

/** What a coach keeps of a student besides the card's few measures, and what holds where a card does not say. */
final class AboutController
{
    public function show(Student $student): JsonResponse
    {
        return new JsonResponse($student->facts()->toArray());
    }

    /** Keep it whole, as the screen has it; the core reads it and names the field of what it refuses. */
    public function update(ToldRequest $request, Student $student): JsonResponse
    {
        $about = About::read($request->told());
        $student->update(['about' => $about->toArray()]);

        return new JsonResponse($about->toArray());
    }

    /** Keep what the coach takes for students whose card does not say. */
    public function schools(ToldRequest $request): JsonResponse
    {
        $coach = $request->coach();
        $answers = Schools::read($request->told());
        Bench::query()->findOrFail($coach->bench_id)->update(['schools' => $answers]);
        Bench::evidenceChanged($coach->bench_id);

        return new JsonResponse(QuestionResource::all(array_values(Question::all()), $answers));
    }
}
