<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StudentRequest;
use App\Http\Resources\StudentResource;
use App\Models\Student;
use Illuminate\Http\Response;

final class StudentController
{
    public function store(StudentRequest $request): StudentResource
    {
        return StudentResource::make($request->coach()->students()->create($request->validated()));
    }

    public function update(StudentRequest $request, Student $student): StudentResource
    {
        $student->update($request->validated());

        return StudentResource::make($student);
    }

    /** Take a student off the bench; what was practised together stays in the ledger. */
    public function destroy(Student $student): Response
    {
        $student->delete();

        return response()->noContent();
    }
}
