<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Student\TeachingPreferences;
use App\Models\Student;
use App\Models\Workspace;

/** A request that may name a student of the workspace, for whom something is told; nobody in particular without one. */
trait ForStudent
{
    public function student(): ?Student
    {
        return $this->filled('student') ? Student::query()->find($this->string('student')->toString()) : null;
    }

    /** What the student is taught, else what the coach takes. */
    public function schools(): TeachingPreferences
    {
        $workspace = Workspace::query()->findOrFail($this->coach()->workspace_id);

        return $this->student()?->schools($workspace) ?? TeachingPreferences::of([], $workspace->schools ?? []);
    }
}
