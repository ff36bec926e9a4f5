<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ProjectSession;
use App\Http\Requests\StudentRequest;
use App\Http\Resources\StudentResource;
use App\Models\Student;
use Illuminate\Http\Response;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;

final class StudentController
{
    /** Add a student, under the client's id where it gives one; the same id again answers with what is there. */
    public function store(StudentRequest $request): StudentResource
    {
        $coach = $request->coach();

        return StudentResource::make(
            Student::once(
                $request->clientId(),
                $coach->workspace_id,
                static fn(): Student => $coach->students()->create($request->validated()),
            ),
        );
    }

    public function update(StudentRequest $request, Student $student, ProjectSession $projector): StudentResource
    {
        DB::transaction(static function () use ($request, $student, $projector): void {
            $student->update(Arr::except($request->validated(), 'id'));
            if ($student->wasChanged('finish_past_m')) {
                $projector->projectAtHoles($student);
            }
        });

        return StudentResource::make($student);
    }

    /** Put a student away; what was practised together stays in the session history. */
    public function destroy(Student $student): Response
    {
        $student->delete();

        return response()->noContent();
    }

    /** Bring a student back who was put away. */
    public function back(Student $student): StudentResource
    {
        $student->restore();

        return StudentResource::make($student);
    }
}
