<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Json\JsonInput;
use Amble\Core\Student\About;
use Amble\Core\Student\Question;
use Amble\Core\Student\Schools;
use App\Http\Resources\QuestionResource;
use App\Models\Bench;
use App\Models\Coach;
use App\Models\Student;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a coach keeps of a student besides the card's few measures, and what holds where a card does not say. */
final class AboutController
{
    public function show(Student $student): JsonResponse
    {
        return new JsonResponse($student->facts()->toArray());
    }

    /** Keep it whole, as the screen has it; the core reads it and names the field of what it refuses. */
    public function update(Request $request, Student $student): JsonResponse
    {
        $about = About::read(JsonInput::parse($request->getContent()));
        $student->update(['about' => $about->toArray()]);

        return new JsonResponse($about->toArray());
    }

    /** Keep what the coach takes for students whose card does not say. */
    public function schools(Request $request): JsonResponse
    {
        $coach = $request->user();
        assert($coach instanceof Coach);
        abort_unless($coach->roleAt($coach->bench_id)?->mayChange() === true, 403);
        $answers = Schools::read(JsonInput::parse($request->getContent()));
        Bench::query()->findOrFail($coach->bench_id)->update(['schools' => $answers]);
        Bench::evidenceChanged($coach->bench_id);

        return new JsonResponse(QuestionResource::all(array_values(Question::all()), $answers));
    }
}
