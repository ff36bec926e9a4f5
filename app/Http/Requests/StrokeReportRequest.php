<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeSession;
use App\Models\Student;

/** A look back on the session in the address, which must be somebody's. */
class StrokeReportRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['student_id' => ['sometimes', 'string', $this->inWorkspace(Student::class)]];
    }

    /** Whose figures they are: the session's own student's, unless another of the group is asked for. */
    public function student(): Student
    {
        $session = $this->route('session');
        $asked = $this->query('student_id');

        return match (true) {
            is_string($asked) => Student::withTrashed()->findOrFail($asked),
            $session instanceof PracticeSession && $session->student !== null => $session->student,
            default => abort(404),
        };
    }
}
